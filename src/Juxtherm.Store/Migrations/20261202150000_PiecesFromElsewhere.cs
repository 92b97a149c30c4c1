using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Juxtherm.Store.Migrations
{
    /// <inheritdoc />
    public partial class PiecesFromElsewhere : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<bool>(name: "Elsewhere", table: "Log", type: "INTEGER", nullable: false, defaultValue: false);
            migrationBuilder.AddColumn<string>(name: "AgreedJson", table: "Jobs", type: "TEXT", nullable: true);
            // What the job's card said last is what was agreed; which version said it is not known.
            migrationBuilder.Sql("""
                UPDATE "Jobs" SET "AgreedJson" = (
                    SELECT json_object('celsius', json_extract(c."MetricJson", '$.press.celsius'),
                        'dialMark', json_extract(c."MetricJson", '$.press.dialMark'),
                        'seconds', json_extract(c."MetricJson", '$.press.seconds'),
                        'pressure', json_extract(c."MetricJson", '$.press.pressure'), 'backSeconds', NULL, 'by', '')
                    FROM "JobCards" c
                    WHERE c."JobId" = "Jobs"."Id" AND json_valid(c."MetricJson")
                        AND json_extract(c."MetricJson", '$.press.celsius') IS NOT NULL
                        AND json_extract(c."MetricJson", '$.verdict') <> 'stop');
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(name: "Elsewhere", table: "Log");
            migrationBuilder.DropColumn(name: "AgreedJson", table: "Jobs");
        }
    }
}
