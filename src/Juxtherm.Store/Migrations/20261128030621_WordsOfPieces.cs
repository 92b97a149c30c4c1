using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Juxtherm.Store.Migrations
{
    /// <inheritdoc />
    public partial class WordsOfPieces : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "CutWeeded",
                columns: table => new
                {
                    CutId = table.Column<Guid>(type: "TEXT", nullable: false),
                    Key = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_CutWeeded", x => new { x.CutId, x.Key });
                    table.ForeignKey(
                        name: "FK_CutWeeded_Cuts_CutId",
                        column: x => x.CutId,
                        principalTable: "Cuts",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "LogWords",
                columns: table => new
                {
                    LogId = table.Column<long>(type: "INTEGER", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<int>(type: "INTEGER", nullable: false),
                    Word = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_LogWords", x => new { x.LogId, x.Kind, x.At });
                    table.ForeignKey(
                        name: "FK_LogWords_Log_LogId",
                        column: x => x.LogId,
                        principalTable: "Log",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            Split(migrationBuilder, "LogWords (LogId, Kind, At, Word)", "Log", "Vinyl", "Id, 'vinyl', At, Word");
            Split(migrationBuilder, "LogWords (LogId, Kind, At, Word)", "Log", "Outcomes", "Id, 'outcome', At, Word");
            Split(migrationBuilder, "LogWords (LogId, Kind, At, Word)", "Log", "Lots", "Id, 'lot', At, Word");
            Split(migrationBuilder, "CutWeeded (CutId, Key)", "Cuts", "Weeded", "DISTINCT Id, Word");
            migrationBuilder.DropIndex(
                name: "IX_Log_Lots",
                table: "Log");

            migrationBuilder.DropIndex(
                name: "IX_Log_Vinyl_Material_HeatSource_AtUtc",
                table: "Log");

            // Said plainly: the tool would rebuild the tables outside of the transaction, and what is killed then would be lost.
            migrationBuilder.Sql("ALTER TABLE Log DROP COLUMN Vinyl;");
            migrationBuilder.Sql("ALTER TABLE Log DROP COLUMN Outcomes;");
            migrationBuilder.Sql("ALTER TABLE Log DROP COLUMN Lots;");
            migrationBuilder.Sql("ALTER TABLE Cuts DROP COLUMN Weeded;");

            migrationBuilder.CreateIndex(
                name: "IX_Log_Material_HeatSource_AtUtc",
                table: "Log",
                columns: new[] { "Material", "HeatSource", "AtUtc" });

            migrationBuilder.CreateIndex(
                name: "IX_LogWords_Kind_Word_LogId",
                table: "LogWords",
                columns: new[] { "Kind", "Word", "LogId" });
        }

        /// <summary>Puts each word of a column of words separated by commas into a row of its own.</summary>
        private static void Split(MigrationBuilder migrationBuilder, string into, string table, string column, string what) =>
            migrationBuilder.Sql(
                $"""
                INSERT INTO {into}
                WITH RECURSIVE Words (Id, At, Word, Rest) AS (
                    SELECT Id, -1, '', {column} || ',' FROM {table} WHERE {column} <> ''
                    UNION ALL
                    SELECT Id, At + 1, substr(Rest, 1, instr(Rest, ',') - 1), substr(Rest, instr(Rest, ',') + 1) FROM Words
                    WHERE Rest <> '')
                SELECT {what} FROM Words WHERE At >= 0 AND Word <> '';
                """);

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_Log_Material_HeatSource_AtUtc",
                table: "Log");

            migrationBuilder.AddColumn<string>(
                name: "Lots",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Outcomes",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Vinyl",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Weeded",
                table: "Cuts",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            Join(migrationBuilder, "Log", "Vinyl", "SELECT Word FROM LogWords WHERE LogId = Log.Id AND Kind = 'vinyl' ORDER BY At");
            Join(migrationBuilder, "Log", "Outcomes", "SELECT Word FROM LogWords WHERE LogId = Log.Id AND Kind = 'outcome' ORDER BY At");
            Join(migrationBuilder, "Log", "Lots", "SELECT Word FROM LogWords WHERE LogId = Log.Id AND Kind = 'lot' ORDER BY At");
            Join(migrationBuilder, "Cuts", "Weeded", "SELECT Key AS Word FROM CutWeeded WHERE CutId = Cuts.Id ORDER BY Key");
            migrationBuilder.DropTable(
                name: "CutWeeded");

            migrationBuilder.DropTable(
                name: "LogWords");

            migrationBuilder.CreateIndex(
                name: "IX_Log_Lots",
                table: "Log",
                column: "Lots");

            migrationBuilder.CreateIndex(
                name: "IX_Log_Vinyl_Material_HeatSource_AtUtc",
                table: "Log",
                columns: new[] { "Vinyl", "Material", "HeatSource", "AtUtc" });
        }

        private static void Join(MigrationBuilder migrationBuilder, string table, string column, string words) =>
            migrationBuilder.Sql($"UPDATE {table} SET {column} = coalesce((SELECT group_concat(Word, ',') FROM ({words})), '');");
    }
}
