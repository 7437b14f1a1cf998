using Microsoft.EntityFrameworkCore.Migrations;

#nullable disable

namespace Nido.Data.Migrations
{
    /// <inheritdoc />
    public partial class OwnPhotos : Migration
    {
        /// <inheritdoc />
        protected override void Up(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.AddColumn<byte[]>(
                name: "Photo",
                table: "own",
                type: "BLOB",
                nullable: true);
        }

        /// <inheritdoc />
        protected override void Down(MigrationBuilder migrationBuilder)
        {
            migrationBuilder.DropColumn(
                name: "Photo",
                table: "own");
        }
    }
}
