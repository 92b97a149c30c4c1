using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Juxtherm.Store.Migrations
{
    /// <inheritdoc />
    public partial class Reckoned : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_LogWashes_LogId",
                table: "LogWashes");

            migrationBuilder.AddColumn<Guid>(
                name: "CommandId",
                table: "PlateReadings",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<Guid>(
                name: "CommandId",
                table: "LogWashes",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "JobCards",
                columns: table => new
                {
                    JobId = table.Column<Guid>(type: "TEXT", nullable: false),
                    For = table.Column<string>(type: "TEXT", nullable: false),
                    MetricJson = table.Column<string>(type: "TEXT", nullable: false),
                    UsJson = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_JobCards", x => x.JobId);
                    table.ForeignKey(
                        name: "FK_JobCards_Jobs_JobId",
                        column: x => x.JobId,
                        principalTable: "Jobs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "Learned",
                columns: table => new
                {
                    Id = table.Column<int>(type: "INTEGER", nullable: false),
                    CorrectionJson = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Learned", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "SetAside",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    Table = table.Column<string>(type: "TEXT", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    Why = table.Column<string>(type: "TEXT", nullable: false),
                    RowJson = table.Column<string>(type: "TEXT", nullable: false),
                    AtUtc = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_SetAside", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_LogWashes_LogId_CommandId",
                table: "LogWashes",
                columns: new[] { "LogId", "CommandId" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "JobCards");

            migrationBuilder.DropTable(
                name: "Learned");

            migrationBuilder.DropTable(
                name: "SetAside");

            migrationBuilder.DropIndex(
                name: "IX_LogWashes_LogId_CommandId",
                table: "LogWashes");

            migrationBuilder.DropColumn(
                name: "CommandId",
                table: "PlateReadings");

            migrationBuilder.DropColumn(
                name: "CommandId",
                table: "LogWashes");

            migrationBuilder.CreateIndex(
                name: "IX_LogWashes_LogId",
                table: "LogWashes",
                column: "LogId");
        }
    }
}
