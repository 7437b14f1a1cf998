using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nido.Data.Migrations
{
    /// <inheritdoc />
    public partial class Overrides : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "overrides",
                columns: table => new
                {
                    Id = table.Column<string>(type: "TEXT", nullable: false),
                    WeekId = table.Column<string>(type: "TEXT", nullable: false),
                    IdeaId = table.Column<string>(type: "TEXT", nullable: false),
                    IdeaTitle = table.Column<string>(type: "TEXT", nullable: false),
                    RuleId = table.Column<string>(type: "TEXT", nullable: false),
                    RuleMessage = table.Column<string>(type: "TEXT", nullable: false),
                    Adult = table.Column<string>(type: "TEXT", nullable: false),
                    Reason = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<DateTimeOffset>(type: "TEXT", nullable: false),
                    WithdrawnAt = table.Column<DateTimeOffset>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_overrides", x => x.Id);
                    table.ForeignKey(
                        name: "FK_overrides_weeks_WeekId",
                        column: x => x.WeekId,
                        principalTable: "weeks",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Restrict);
                });

            migrationBuilder.CreateIndex(
                name: "IX_overrides_WeekId",
                table: "overrides",
                column: "WeekId");

            // Groups from before have not decided about food, nor written a ratio of their own: they get our defaults.
            migrationBuilder.Sql("""
                UPDATE groups SET Settings = json_set(Settings, '$.Food', 'WithAllergyCheck', '$.OwnRatio',
                    json('[{"FromMonths":0,"Children":3},{"FromMonths":24,"Children":4},{"FromMonths":36,"Children":8}]'))
                WHERE json_type(Settings, '$.OwnRatio') IS NULL
                """);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "overrides");
        }
    }
}
