using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nido.Data.Migrations
{
    /// <inheritdoc />
    public partial class FamiliesAndSessions : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "AtHome",
                table: "children",
                type: "TEXT",
                nullable: false,
                defaultValueSql: "'{\"Email\":\"\",\"Things\":null,\"YoungestBornOn\":null}'");

            migrationBuilder.CreateTable(
                name: "asked",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    WeekId = table.Column<string>(type: "TEXT", nullable: false),
                    ChildId = table.Column<string>(type: "TEXT", nullable: false),
                    MaterialId = table.Column<string>(type: "TEXT", nullable: false),
                    Amount = table.Column<double>(type: "REAL", nullable: false),
                    By = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    Answer = table.Column<string>(type: "TEXT", nullable: false),
                    Brought = table.Column<double>(type: "REAL", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_asked", x => x.Id);
                    table.ForeignKey(
                        name: "FK_asked_children_ChildId",
                        column: x => x.ChildId,
                        principalTable: "children",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                    table.ForeignKey(
                        name: "FK_asked_weeks_WeekId",
                        column: x => x.WeekId,
                        principalTable: "weeks",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "bags",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ChildId = table.Column<string>(type: "TEXT", nullable: false),
                    Kind = table.Column<string>(type: "TEXT", nullable: false),
                    Title = table.Column<string>(type: "TEXT", nullable: false),
                    LentOn = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    BackBy = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    BackOn = table.Column<DateOnly>(type: "TEXT", nullable: true),
                    Things = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_bags", x => x.Id);
                    table.ForeignKey(
                        name: "FK_bags_children_ChildId",
                        column: x => x.ChildId,
                        principalTable: "children",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "door_counts",
                columns: table => new
                {
                    GroupId = table.Column<string>(type: "TEXT", nullable: false),
                    On = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    FromMonths = table.Column<int>(type: "INTEGER", nullable: false),
                    Children = table.Column<int>(type: "INTEGER", nullable: false),
                    Kits = table.Column<int>(type: "INTEGER", nullable: true),
                    KitsBack = table.Column<int>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_door_counts", x => new { x.GroupId, x.On, x.FromMonths });
                    table.ForeignKey(
                        name: "FK_door_counts_groups_GroupId",
                        column: x => x.GroupId,
                        principalTable: "groups",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_asked_ChildId",
                table: "asked",
                column: "ChildId");

            migrationBuilder.CreateIndex(
                name: "IX_asked_WeekId",
                table: "asked",
                column: "WeekId");

            migrationBuilder.CreateIndex(
                name: "IX_bags_ChildId",
                table: "bags",
                column: "ChildId");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "asked");

            migrationBuilder.DropTable(
                name: "bags");

            migrationBuilder.DropTable(
                name: "door_counts");

            migrationBuilder.DropColumn(
                name: "AtHome",
                table: "children");
        }
    }
}
