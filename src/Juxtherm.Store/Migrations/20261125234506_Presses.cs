using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Juxtherm.Store.Migrations
{
    /// <inheritdoc />
    public partial class Presses : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            // What was said in earlier runs names no press and no piece, so they cannot be gone on with; what came of them stands in the logbook.
            migrationBuilder.Sql("UPDATE Runs SET Status = 'ended' WHERE Status = 'running'");

            migrationBuilder.AddColumn<int>(
                name: "Rules",
                table: "Runs",
                type: "INTEGER",
                nullable: false,
                defaultValue: 0);

            migrationBuilder.AddColumn<string>(
                name: "StationName",
                table: "Runs",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<bool>(
                name: "EndedWell",
                table: "Log",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Name",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<double>(
                name: "PlateCelsius",
                table: "Log",
                type: "REAL",
                nullable: true);

            migrationBuilder.AddColumn<double>(
                name: "PressedAgainSeconds",
                table: "Log",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.CreateTable(
                name: "RunStations",
                columns: table => new
                {
                    RunId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Number = table.Column<int>(type: "INTEGER", nullable: false),
                    Name = table.Column<string>(type: "TEXT", nullable: false),
                    JobJson = table.Column<string>(type: "TEXT", nullable: false),
                    PlanJson = table.Column<string>(type: "TEXT", nullable: false),
                    TraceJson = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_RunStations", x => new { x.RunId, x.Number });
                    table.ForeignKey(
                        name: "FK_RunStations_Runs_RunId",
                        column: x => x.RunId,
                        principalTable: "Runs",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "RunStations");

            migrationBuilder.DropColumn(
                name: "Rules",
                table: "Runs");

            migrationBuilder.DropColumn(
                name: "StationName",
                table: "Runs");

            migrationBuilder.DropColumn(
                name: "EndedWell",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "Name",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "PlateCelsius",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "PressedAgainSeconds",
                table: "Log");
        }
    }
}
