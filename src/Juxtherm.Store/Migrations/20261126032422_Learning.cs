using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Juxtherm.Store.Migrations
{
    /// <inheritdoc />
    public partial class Learning : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "CorrectionJson",
                table: "Runs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "Example",
                table: "Runs",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<string>(
                name: "CorrectionJson",
                table: "RunStations",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AlterColumn<Guid>(
                name: "RunId",
                table: "Log",
                type: "TEXT",
                nullable: true,
                oldClrType: typeof(Guid),
                oldType: "TEXT");

            migrationBuilder.AddColumn<double>(
                name: "BondPerK",
                table: "Log",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "BurdenPerK",
                table: "Log",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<bool>(
                name: "Example",
                table: "Log",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<double>(
                name: "HeatOffsetK",
                table: "Log",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<Guid>(
                name: "Key",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: new Guid("00000000-0000-0000-0000-000000000000"));

            migrationBuilder.AddColumn<double>(
                name: "LnBurden",
                table: "Log",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "LnRoom",
                table: "Log",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Lots",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "Struck",
                table: "Log",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.AddColumn<bool>(
                name: "Example",
                table: "Jobs",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            migrationBuilder.CreateTable(
                name: "LearnedOff",
                columns: table => new
                {
                    Key = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_LearnedOff", x => x.Key);
                });

            migrationBuilder.CreateTable(
                name: "LogPhotos",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    LogId = table.Column<long>(type: "INTEGER", nullable: false),
                    AtUtc = table.Column<long>(type: "INTEGER", nullable: false),
                    Width = table.Column<int>(type: "INTEGER", nullable: false),
                    Height = table.Column<int>(type: "INTEGER", nullable: false),
                    Jpeg = table.Column<byte[]>(type: "BLOB", nullable: false),
                    Small = table.Column<byte[]>(type: "BLOB", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_LogPhotos", x => x.Id);
                    table.ForeignKey(
                        name: "FK_LogPhotos_Log_LogId",
                        column: x => x.LogId,
                        principalTable: "Log",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "LogWashes",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    LogId = table.Column<long>(type: "INTEGER", nullable: false),
                    AtUtc = table.Column<long>(type: "INTEGER", nullable: false),
                    Washes = table.Column<int>(type: "INTEGER", nullable: false),
                    Look = table.Column<string>(type: "TEXT", nullable: false),
                    Note = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_LogWashes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_LogWashes_Log_LogId",
                        column: x => x.LogId,
                        principalTable: "Log",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "PlateReadings",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    HeatSource = table.Column<string>(type: "TEXT", nullable: false),
                    AtUtc = table.Column<long>(type: "INTEGER", nullable: false),
                    DialCelsius = table.Column<double>(type: "REAL", nullable: false),
                    ReadCelsius = table.Column<double>(type: "REAL", nullable: false),
                    Means = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PlateReadings", x => x.Id);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Log_Lots",
                table: "Log",
                column: "Lots");

            migrationBuilder.CreateIndex(
                name: "IX_Log_Name",
                table: "Log",
                column: "Name");

            migrationBuilder.CreateIndex(
                name: "IX_Log_Vinyl_Material_HeatSource_AtUtc",
                table: "Log",
                columns: new[] { "Vinyl", "Material", "HeatSource", "AtUtc" });

            migrationBuilder.CreateIndex(
                name: "IX_LogPhotos_LogId",
                table: "LogPhotos",
                column: "LogId");

            migrationBuilder.CreateIndex(
                name: "IX_LogWashes_LogId",
                table: "LogWashes",
                column: "LogId");

            migrationBuilder.CreateIndex(
                name: "IX_PlateReadings_HeatSource_AtUtc",
                table: "PlateReadings",
                columns: new[] { "HeatSource", "AtUtc" });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "LearnedOff");

            migrationBuilder.DropTable(
                name: "LogPhotos");

            migrationBuilder.DropTable(
                name: "LogWashes");

            migrationBuilder.DropTable(
                name: "PlateReadings");

            migrationBuilder.DropIndex(
                name: "IX_Log_Lots",
                table: "Log");

            migrationBuilder.DropIndex(
                name: "IX_Log_Name",
                table: "Log");

            migrationBuilder.DropIndex(
                name: "IX_Log_Vinyl_Material_HeatSource_AtUtc",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "CorrectionJson",
                table: "Runs");

            migrationBuilder.DropColumn(
                name: "Example",
                table: "Runs");

            migrationBuilder.DropColumn(
                name: "CorrectionJson",
                table: "RunStations");

            migrationBuilder.DropColumn(
                name: "BondPerK",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "BurdenPerK",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "Example",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "HeatOffsetK",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "Key",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "LnBurden",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "LnRoom",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "Lots",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "Struck",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "Example",
                table: "Jobs");

            migrationBuilder.AlterColumn<Guid>(
                name: "RunId",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: new Guid("00000000-0000-0000-0000-000000000000"),
                oldClrType: typeof(Guid),
                oldType: "TEXT",
                oldNullable: true);
        }
    }
}
