using Serilog.Core;
using Serilog.Events;

namespace Nido.Web.Common;

/// <summary>Takes the address of a request out of every line of the log: ids of children stand in it.</summary>
internal sealed class NoAddresses : ILogEventEnricher
{
    private static readonly string[] Telling = ["RequestPath", "Path", "QueryString", "Query", "Uri", "Url"];

    /// <inheritdoc />
    public void Enrich(LogEvent logEvent, ILogEventPropertyFactory propertyFactory)
    {
        foreach (var name in Telling)
        {
            logEvent.RemovePropertyIfPresent(name);
        }
    }
}
