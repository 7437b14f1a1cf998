using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nido.Data.Migrations
{
    /// <inheritdoc />
    public partial class TheBin : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_children_GroupId_Name",
                table: "children");

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "BinnedAt",
                table: "weeks",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "BinnedAt",
                table: "themes",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "BinnedAt",
                table: "groups",
                type: "TEXT",
                nullable: true);

            migrationBuilder.AddColumn<DateTimeOffset>(
                name: "BinnedAt",
                table: "children",
                type: "TEXT",
                nullable: true);

            migrationBuilder.CreateIndex(
                name: "IX_children_GroupId_Name",
                table: "children",
                columns: new[] { "GroupId", "Name" },
                unique: true,
                filter: "\"BinnedAt\" IS NULL");
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropIndex(
                name: "IX_children_GroupId_Name",
                table: "children");

            migrationBuilder.DropColumn(
                name: "BinnedAt",
                table: "weeks");

            migrationBuilder.DropColumn(
                name: "BinnedAt",
                table: "themes");

            migrationBuilder.DropColumn(
                name: "BinnedAt",
                table: "groups");

            migrationBuilder.DropColumn(
                name: "BinnedAt",
                table: "children");

            migrationBuilder.CreateIndex(
                name: "IX_children_GroupId_Name",
                table: "children",
                columns: new[] { "GroupId", "Name" },
                unique: true);
        }
    }
}
