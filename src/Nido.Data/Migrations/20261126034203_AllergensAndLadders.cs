using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nido.Data.Migrations
{
    /// <inheritdoc />
    public partial class AllergensAndLadders : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<DateOnly>(
                name: "Day",
                table: "overrides",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Plans",
                table: "children",
                type: "TEXT",
                nullable: false,
                defaultValueSql: "'[]'");

            migrationBuilder.AddColumn<string>(
                name: "UnknownAllergies",
                table: "children",
                type: "TEXT",
                nullable: false,
                defaultValueSql: "'[]'");

            migrationBuilder.CreateTable(
                name: "allergy_marks",
                columns: table => new
                {
                    Word = table.Column<string>(type: "TEXT", nullable: false),
                    MaterialIds = table.Column<string>(type: "TEXT", nullable: false),
                    At = table.Column<DateTimeOffset>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_allergy_marks", x => x.Word);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "allergy_marks");

            migrationBuilder.DropColumn(
                name: "Day",
                table: "overrides");

            migrationBuilder.DropColumn(
                name: "Plans",
                table: "children");

            migrationBuilder.DropColumn(
                name: "UnknownAllergies",
                table: "children");
        }
    }
}
