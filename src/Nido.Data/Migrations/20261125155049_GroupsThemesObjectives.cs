using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nido.Data.Migrations
{
    /// <inheritdoc />
    public partial class GroupsThemesObjectives : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<int>(
                name: "Minutes",
                table: "observations",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Expected",
                table: "groups",
                type: "TEXT",
                nullable: false,
                defaultValueSql: "'[]'");

            migrationBuilder.AddColumn<string>(
                name: "Kind",
                table: "groups",
                type: "TEXT",
                nullable: false,
                defaultValue: "Class");

            migrationBuilder.AddColumn<string>(
                name: "Wishes",
                table: "groups",
                type: "TEXT",
                nullable: false,
                defaultValueSql: "'[]'");

            migrationBuilder.AddColumn<string>(
                name: "Supports",
                table: "children",
                type: "TEXT",
                nullable: false,
                defaultValueSql: "'[]'");

            migrationBuilder.AddColumn<string>(
                name: "Ways",
                table: "children",
                type: "TEXT",
                nullable: false,
                defaultValueSql: "'{}'");

            migrationBuilder.CreateTable(
                name: "objectives",
                columns: table => new
                {
                    ChildId = table.Column<string>(type: "TEXT", nullable: false),
                    Ladder = table.Column<string>(type: "TEXT", nullable: false),
                    Step = table.Column<int>(type: "INTEGER", nullable: false),
                    By = table.Column<DateOnly>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_objectives", x => new { x.ChildId, x.Ladder });
                    table.ForeignKey(
                        name: "FK_objectives_children_ChildId",
                        column: x => x.ChildId,
                        principalTable: "children",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "rotas",
                columns: table => new
                {
                    WeekId = table.Column<string>(type: "TEXT", nullable: false),
                    Day = table.Column<int>(type: "INTEGER", nullable: false),
                    BlockId = table.Column<string>(type: "TEXT", nullable: false),
                    Groups = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_rotas", x => new { x.WeekId, x.Day, x.BlockId });
                    table.ForeignKey(
                        name: "FK_rotas_weeks_WeekId",
                        column: x => x.WeekId,
                        principalTable: "weeks",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "themes",
                columns: table => new
                {
                    Id = table.Column<string>(type: "TEXT", nullable: false),
                    Theme = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_themes", x => x.Id);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "objectives");

            migrationBuilder.DropTable(
                name: "rotas");

            migrationBuilder.DropTable(
                name: "themes");

            migrationBuilder.DropColumn(
                name: "Minutes",
                table: "observations");

            migrationBuilder.DropColumn(
                name: "Expected",
                table: "groups");

            migrationBuilder.DropColumn(
                name: "Kind",
                table: "groups");

            migrationBuilder.DropColumn(
                name: "Wishes",
                table: "groups");

            migrationBuilder.DropColumn(
                name: "Supports",
                table: "children");

            migrationBuilder.DropColumn(
                name: "Ways",
                table: "children");
        }
    }
}
