using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Juxtherm.Store.Migrations
{
    /// <inheritdoc />
    public partial class Vinyl : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "CutPresets",
                columns: table => new
                {
                    Vinyl = table.Column<string>(type: "TEXT", nullable: false),
                    Cutter = table.Column<string>(type: "TEXT", nullable: false),
                    Blade = table.Column<string>(type: "TEXT", nullable: false),
                    ForceGrams = table.Column<double>(type: "REAL", nullable: false),
                    Passes = table.Column<int>(type: "INTEGER", nullable: false),
                    UpdatedUtc = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CutPresets", x => new { x.Vinyl, x.Cutter });
                });

            migrationBuilder.CreateTable(
                name: "Cuts",
                columns: table => new
                {
                    Id = table.Column<Guid>(type: "TEXT", nullable: false),
                    JobId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    WayJson = table.Column<string>(type: "TEXT", nullable: false),
                    RunJson = table.Column<string>(type: "TEXT", nullable: false),
                    Weeded = table.Column<string>(type: "TEXT", nullable: false),
                    Status = table.Column<string>(type: "TEXT", nullable: false),
                    Cutter = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    CreatedUtc = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Cuts", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "Stock",
                columns: table => new
                {
                    Id = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Vinyl = table.Column<string>(type: "TEXT", nullable: false),
                    Colour = table.Column<string>(type: "TEXT", nullable: false),
                    ColourName = table.Column<string>(type: "TEXT", nullable: false),
                    WidthMm = table.Column<double>(type: "REAL", nullable: false),
                    CornerWidthMm = table.Column<double>(type: "REAL", nullable: false),
                    CornerLengthMm = table.Column<double>(type: "REAL", nullable: false),
                    Lot = table.Column<string>(type: "TEXT", nullable: false),
                    Label = table.Column<string>(type: "TEXT", nullable: false),
                    PricePerMetre = table.Column<double>(type: "REAL", nullable: true),
                    LowMm = table.Column<double>(type: "REAL", nullable: false),
                    FromCut = table.Column<Guid>(type: "TEXT", nullable: true),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    CreatedUtc = table.Column<long>(type: "INTEGER", nullable: false),
                    DeletedUtc = table.Column<long>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_Stock", x => x.Id);
                });

            migrationBuilder.CreateTable(
                name: "CutCommandRow",
                columns: table => new
                {
                    CutId = table.Column<Guid>(type: "TEXT", nullable: false),
                    CommandId = table.Column<Guid>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CutCommandRow", x => new { x.CutId, x.CommandId });
                    table.ForeignKey(
                        name: "FK_CutCommandRow_Cuts_CutId",
                        column: x => x.CutId,
                        principalTable: "Cuts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "StockMoves",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    StockId = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Mm = table.Column<double>(type: "REAL", nullable: false),
                    CutId = table.Column<Guid>(type: "TEXT", nullable: true),
                    CommandId = table.Column<Guid>(type: "TEXT", nullable: false),
                    AtUtc = table.Column<long>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_StockMoves", x => x.Id);
                    table.ForeignKey(
                        name: "FK_StockMoves_Stock_StockId",
                        column: x => x.StockId,
                        principalTable: "Stock",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateIndex(
                name: "IX_Cuts_JobId_CreatedUtc",
                table: "Cuts",
                columns: new[] { "JobId", "CreatedUtc" });

            migrationBuilder.CreateIndex(
                name: "IX_Stock_DeletedUtc_Vinyl_Colour",
                table: "Stock",
                columns: new[] { "DeletedUtc", "Vinyl", "Colour" });

            migrationBuilder.CreateIndex(
                name: "IX_StockMoves_StockId_CommandId_Kind",
                table: "StockMoves",
                columns: new[] { "StockId", "CommandId", "Kind" },
                unique: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "CutCommandRow");

            migrationBuilder.DropTable(
                name: "CutPresets");

            migrationBuilder.DropTable(
                name: "StockMoves");

            migrationBuilder.DropTable(
                name: "Cuts");

            migrationBuilder.DropTable(
                name: "Stock");
        }
    }
}
