using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Juxtherm.Store.Migrations
{
    /// <inheritdoc />
    public partial class Practice : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(
                name: "Practice",
                table: "Runs",
                type: "INTEGER",
                nullable: false,
                defaultValue: false);

            // What the simulated press did was never a measure of anybody's own: those runs were practice, and their entries do not count.
            const string simulated = "SELECT RunId FROM RunEvents WHERE EventJson LIKE '%\"action\":\"wire\"%'";
            migrationBuilder.Sql($"UPDATE Runs SET Practice = 1 WHERE Id IN ({simulated});");
            migrationBuilder.Sql($"UPDATE Log SET Struck = 1 WHERE RunId IN ({simulated});");

            migrationBuilder.AddColumn<string>(
                name: "LearnedJson",
                table: "Jobs",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateTable(
                name: "ColourMatches",
                columns: table => new
                {
                    Vinyl = table.Column<string>(type: "TEXT", nullable: false),
                    Wanted = table.Column<string>(type: "TEXT", nullable: false),
                    OnShelf = table.Column<string>(type: "TEXT", nullable: false),
                    Same = table.Column<bool>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_ColourMatches", x => new { x.Vinyl, x.Wanted, x.OnShelf });
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "ColourMatches");

            migrationBuilder.DropColumn(
                name: "Practice",
                table: "Runs");

            migrationBuilder.DropColumn(
                name: "LearnedJson",
                table: "Jobs");
        }
    }
}
