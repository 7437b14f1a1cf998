using System.Data.Common;
using Microsoft.EntityFrameworkCore.Diagnostics;

namespace Nido.Web.Tests;

/// <summary>A disk that takes no more, as SQLite meets it: its file may not grow by a page.</summary>
internal sealed class FullDisk : DbConnectionInterceptor
{
    public bool IsFull { get; set; }

    public override async Task ConnectionOpenedAsync(
        DbConnection connection,
        ConnectionEndEventData eventData,
        CancellationToken cancellationToken = default
    )
    {
        await using var command = connection.CreateCommand();
        // 1 is less than there are, so it becomes as many as there are.
        command.CommandText = $"PRAGMA max_page_count={(IsFull ? 1 : int.MaxValue)}";
        await command.ExecuteScalarAsync(cancellationToken);
    }
}
