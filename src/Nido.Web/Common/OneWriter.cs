namespace Nido.Web.Common;

/// <summary>
/// One change of the house at a time, from reading what it stands on to saving it: two who take the last six each
/// cannot both have
/// them. Reading is never held up. What computes for seconds (<see cref="TakesLong"/>) is not let to hold up others; it
/// saves
/// against the version of its week instead.
/// </summary>
public sealed class OneWriter : IDisposable
{
    private readonly SemaphoreSlim turn = new(1, 1);

    /// <summary>Waits for its turn; giving the answer back ends it.</summary>
    public async Task<IDisposable> TurnAsync(CancellationToken stop)
    {
        await turn.WaitAsync(stop);
        return new Turn(turn);
    }

    /// <inheritdoc />
    public void Dispose() => turn.Dispose();

    private sealed class Turn(SemaphoreSlim turn) : IDisposable
    {
        public void Dispose() => turn.Release();
    }
}
