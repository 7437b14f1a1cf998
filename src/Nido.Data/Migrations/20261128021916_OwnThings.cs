using System;
using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nido.Data.Migrations
{
    /// <inheritdoc />
    public partial class OwnThings : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.CreateTable(
                name: "own",
                columns: table => new
                {
                    Id = table.Column<string>(type: "TEXT", nullable: false),
                    BinnedAt = table.Column<DateTimeOffset>(type: "TEXT", nullable: true),
                    Material = table.Column<string>(type: "TEXT", nullable: true),
                    Idea = table.Column<string>(type: "TEXT", nullable: true)
                },
                constraints: table =>
                {
                    table.PrimaryKey("PK_own", x => x.Id);
                });
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropTable(
                name: "own");
        }
    }
}
