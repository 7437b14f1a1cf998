using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nido.Data.Migrations
{
    /// <inheritdoc />
    public partial class WhatHappened : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<string>(
                name: "Otherwise",
                table: "weeks",
                type: "TEXT",
                nullable: false,
                defaultValueSql: "'[]'");

            migrationBuilder.AddColumn<string>(
                name: "Grip",
                table: "observations",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Hand",
                table: "observations",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<int>(
                name: "Hits",
                table: "observations",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "IdeaId",
                table: "observations",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Sign",
                table: "observations",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<string>(
                name: "Tool",
                table: "observations",
                type: "TEXT",
                nullable: false,
                defaultValue: "");

            migrationBuilder.AddColumn<int>(
                name: "Tries",
                table: "observations",
                type: "INTEGER",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "WeekId",
                table: "movements",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<DateOnly>(
                name: "FirstDay",
                table: "children",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<DateOnly>(
                name: "LastDay",
                table: "children",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<string>(
                name: "Pictures",
                table: "children",
                type: "TEXT",
                nullable: false,
                defaultValue: "None");

            migrationBuilder.CreateTable(
                name: "follow_ups",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ChildId = table.Column<string>(type: "TEXT", nullable: false),
                    Ladder = table.Column<string>(type: "TEXT", nullable: false),
                    Step = table.Column<int>(type: "INTEGER", nullable: false),
                    Sign = table.Column<string>(type: "TEXT", nullable: false),
                    Change = table.Column<string>(type: "TEXT", nullable: false),
                    On = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    LookAgainOn = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    Helped = table.Column<bool>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_follow_ups", x => x.Id);
                    table.ForeignKey(
                        name: "FK_follow_ups_children_ChildId",
                        column: x => x.ChildId,
                        principalTable: "children",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "notes",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    GroupId = table.Column<string>(type: "TEXT", nullable: false),
                    ChildId = table.Column<string>(type: "TEXT", nullable: true),
                    On = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    IdeaId = table.Column<string>(type: "TEXT", nullable: false),
                    By = table.Column<string>(type: "TEXT", nullable: false),
                    Text = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_notes", x => x.Id);
                    table.ForeignKey(
                        name: "FK_notes_children_ChildId",
                        column: x => x.ChildId,
                        principalTable: "children",
                        principalColumn: "Id");
                    table.ForeignKey(
                        name: "FK_notes_groups_GroupId",
                        column: x => x.GroupId,
                        principalTable: "groups",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "pictures",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    GroupId = table.Column<string>(type: "TEXT", nullable: false),
                    On = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    IdeaId = table.Column<string>(type: "TEXT", nullable: false),
                    Words = table.Column<string>(type: "TEXT", nullable: false),
                    Of = table.Column<string>(type: "TEXT", nullable: false),
                    Shows = table.Column<string>(type: "TEXT", nullable: false),
                    Width = table.Column<int>(type: "INTEGER", nullable: false),
                    Height = table.Column<int>(type: "INTEGER", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_pictures", x => x.Id);
                    table.ForeignKey(
                        name: "FK_pictures_groups_GroupId",
                        column: x => x.GroupId,
                        principalTable: "groups",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "shares",
                columns: table => new
                {
                    WeekId = table.Column<string>(type: "TEXT", nullable: false),
                    Version = table.Column<int>(type: "INTEGER", nullable: false),
                    IsOver = table.Column<bool>(type: "INTEGER", nullable: false),
                    Shares = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_shares", x => x.WeekId);
                    table.ForeignKey(
                        name: "FK_shares_weeks_WeekId",
                        column: x => x.WeekId,
                        principalTable: "weeks",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "tallies",
                columns: table => new
                {
                    Id = table.Column<long>(type: "INTEGER", nullable: false)
                        .Annotation("Sqlite:Autoincrement", true),
                    ChildId = table.Column<string>(type: "TEXT", nullable: false),
                    IdeaId = table.Column<string>(type: "TEXT", nullable: false),
                    On = table.Column<DateOnly>(type: "TEXT", nullable: false),
                    Hits = table.Column<int>(type: "INTEGER", nullable: false),
                    Tries = table.Column<int>(type: "INTEGER", nullable: false),
                    Distance = table.Column<int>(type: "INTEGER", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_tallies", x => x.Id);
                    table.ForeignKey(
                        name: "FK_tallies_children_ChildId",
                        column: x => x.ChildId,
                        principalTable: "children",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "went",
                columns: table => new
                {
                    WeekId = table.Column<string>(type: "TEXT", nullable: false),
                    Day = table.Column<int>(type: "INTEGER", nullable: false),
                    IdeaId = table.Column<string>(type: "TEXT", nullable: false),
                    How = table.Column<string>(type: "TEXT", nullable: false),
                    Minutes = table.Column<int>(type: "INTEGER", nullable: true),
                    Line = table.Column<string>(type: "TEXT", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_went", x => new { x.WeekId, x.Day, x.IdeaId });
                    table.ForeignKey(
                        name: "FK_went_weeks_WeekId",
                        column: x => x.WeekId,
                        principalTable: "weeks",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateTable(
                name: "picture_files",
                columns: table => new
                {
                    PictureId = table.Column<long>(type: "INTEGER", nullable: false),
                    Small = table.Column<bool>(type: "INTEGER", nullable: false),
                    Bytes = table.Column<byte[]>(type: "BLOB", nullable: false)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_picture_files", x => new { x.PictureId, x.Small });
                    table.ForeignKey(
                        name: "FK_picture_files_pictures_PictureId",
                        column: x => x.PictureId,
                        principalTable: "pictures",
                        principalColumn: "Id",
                        onDelete: ReferentialAction.Cascade);
                });

            migrationBuilder.CreateIndex(
                name: "IX_follow_ups_ChildId",
                table: "follow_ups",
                column: "ChildId");

            migrationBuilder.CreateIndex(
                name: "IX_notes_ChildId",
                table: "notes",
                column: "ChildId");

            migrationBuilder.CreateIndex(
                name: "IX_notes_GroupId_On",
                table: "notes",
                columns: new[] { "GroupId", "On" });

            migrationBuilder.CreateIndex(
                name: "IX_pictures_GroupId_On",
                table: "pictures",
                columns: new[] { "GroupId", "On" });

            migrationBuilder.CreateIndex(
                name: "IX_tallies_ChildId",
                table: "tallies",
                column: "ChildId");

            FindWritten.Up(migrationBuilder);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            FindWritten.Down(migrationBuilder);

            migrationBuilder.DropTable(
                name: "follow_ups");

            migrationBuilder.DropTable(
                name: "notes");

            migrationBuilder.DropTable(
                name: "picture_files");

            migrationBuilder.DropTable(
                name: "shares");

            migrationBuilder.DropTable(
                name: "tallies");

            migrationBuilder.DropTable(
                name: "went");

            migrationBuilder.DropTable(
                name: "pictures");

            migrationBuilder.DropColumn(
                name: "Otherwise",
                table: "weeks");

            migrationBuilder.DropColumn(
                name: "Grip",
                table: "observations");

            migrationBuilder.DropColumn(
                name: "Hand",
                table: "observations");

            migrationBuilder.DropColumn(
                name: "Hits",
                table: "observations");

            migrationBuilder.DropColumn(
                name: "IdeaId",
                table: "observations");

            migrationBuilder.DropColumn(
                name: "Sign",
                table: "observations");

            migrationBuilder.DropColumn(
                name: "Tool",
                table: "observations");

            migrationBuilder.DropColumn(
                name: "Tries",
                table: "observations");

            migrationBuilder.DropColumn(
                name: "WeekId",
                table: "movements");

            migrationBuilder.DropColumn(
                name: "FirstDay",
                table: "children");

            migrationBuilder.DropColumn(
                name: "LastDay",
                table: "children");

            migrationBuilder.DropColumn(
                name: "Pictures",
                table: "children");
        }
    }
}
