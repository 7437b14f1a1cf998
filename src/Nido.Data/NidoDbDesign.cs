using Microsoft.EntityFrameworkCore;
using Microsoft.EntityFrameworkCore.Design;

namespace Nido.Data;

/// <summary>Lets the migrations tool make a context without the web application.</summary>
public sealed class NidoDbDesign : IDesignTimeDbContextFactory<NidoDb>
{
    /// <inheritdoc />
    public NidoDb CreateDbContext(string[] args) =>
        new(new DbContextOptionsBuilder<NidoDb>().UseSqlite("Data Source=design.db").Options);
}
