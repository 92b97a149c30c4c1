using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Juxtherm.Store.Migrations
{
    /// <inheritdoc />
    public partial class SettingOrigin : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<double>(
                name: "BackSeconds",
                table: "Log",
                type: "REAL",
                nullable: false,
                defaultValue: 0.0);

            migrationBuilder.AddColumn<string>(
                name: "HeatBy",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Set",
                table: "Log",
                type: "TEXT",
                nullable: false,
                defaultValue: "");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "BackSeconds",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "HeatBy",
                table: "Log");

            migrationBuilder.DropColumn(
                name: "Set",
                table: "Log");
        }
    }
}
