using System.Threading.Channels;
using Nido.Core;
using Nido.Core.Week.Search;
using Nido.Web.Common;

namespace Nido.Web.Week;

/// <summary>A composition under way: its news, for any number of listeners, and its stop.</summary>
public sealed class Composition : IProgress<ComposeProgress>, IDisposable
{
    private readonly Lock gate = new();
    private readonly List<ComposeNews> told = [];
    private readonly List<Channel<ComposeNews>> listeners = [];
    private readonly CancellationTokenSource stop = new();
    private bool ended;

    /// <summary>The teacher's "good enough".</summary>
    public CancellationToken Stop => stop.Token;

    /// <summary>Ends it with the best so far.</summary>
    public void GoodEnough() => stop.Cancel();

    /// <summary>The house is closed: nobody said that what was found so far is good enough.</summary>
    public bool IsLeft { get; private set; }

    /// <summary>Ends it without keeping anything.</summary>
    public void Leave()
    {
        IsLeft = true;
        stop.Cancel();
    }

    /// <inheritdoc />
    public void Report(ComposeProgress value) => Tell(new("progress", value, null, []));

    /// <summary>The last word: a saved plan, or why there is none.</summary>
    /// <param name="problem">What went wrong, or null.</param>
    /// <param name="rules">Rules that cannot all be kept, each with its way out.</param>
    public void End(Said? problem, IReadOnlyList<FieldProblem>? rules = null)
    {
        Tell(new(problem is null ? "done" : "problem", null, problem, rules ?? []));
        lock (gate)
        {
            ended = true;
            listeners.ForEach(l => l.Writer.TryComplete());
        }
    }

    /// <summary>All news from the beginning.</summary>
    public IAsyncEnumerable<ComposeNews> Listen(CancellationToken left)
    {
        var channel = Channel.CreateUnbounded<ComposeNews>();
        lock (gate)
        {
            told.ForEach(n => channel.Writer.TryWrite(n));
            if (ended)
            {
                channel.Writer.TryComplete();
            }
            else
            {
                listeners.Add(channel);
            }
        }

        return channel.Reader.ReadAllAsync(left);
    }

    /// <inheritdoc />
    public void Dispose() => stop.Dispose();

    private void Tell(ComposeNews news)
    {
        lock (gate)
        {
            told.Add(news);
            listeners.ForEach(l => l.Writer.TryWrite(news));
        }
    }
}

/// <summary>A piece of news: kind "progress", "done" or "problem"; with a problem the rules that cannot all be kept, if
/// that is why.</summary>
public sealed record ComposeNews(
    string Kind,
    ComposeProgress? Progress,
    Said? Problem,
    IReadOnlyList<FieldProblem> Rules
);
