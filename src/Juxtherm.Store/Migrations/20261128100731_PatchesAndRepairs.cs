using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Juxtherm.Store.Migrations
{
    /// <inheritdoc />
    public partial class PatchesAndRepairs : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "Patches",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    JobId = table.Column<Guid>(type: "TEXT", nullable: false),
                    HeatSource = table.Column<string>(type: "TEXT", nullable: false),
                    Vinyl = table.Column<string>(type: "TEXT", nullable: false),
                    Material = table.Column<string>(type: "TEXT", nullable: false),
                    Celsius = table.Column<double>(type: "REAL", nullable: false),
                    Seconds = table.Column<double>(type: "REAL", nullable: false),
                    Pressure = table.Column<string>(type: "TEXT", nullable: true),
                    Outcome = table.Column<string>(type: "TEXT", nullable: false),
                    AtUtc = table.Column<long>(type: "INTEGER", nullable: false),
                    Struck = table.Column<bool>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Patches", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "PressRepairs",
                columns: table => new
                {
                    HeatSource = table.Column<string>(type: "TEXT", nullable: false),
                    AtUtc = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_PressRepairs", x => x.HeatSource);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Patches_AtUtc_HeatSource_Vinyl_Material",
                table: "Patches",
                columns: new[] { "AtUtc", "HeatSource", "Vinyl", "Material" },
                unique: true);

            foreach (var renewal in Keeping.OldWords.Renewals)
                migrationBuilder.Sql(renewal);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "Patches");

            migrationBuilder.DropTable(
                name: "PressRepairs");
        }
    }
}
