using Nido.Core;

namespace Nido.Data;

/// <summary>Why the house cannot be opened, in a sentence, with the way out.</summary>
/// <param name="what">What is wrong.</param>
/// <param name="wayOut">What to do.</param>
/// <param name="inner">Where it was noticed.</param>
public sealed class SiteException(Said what, Said wayOut, Exception? inner = null)
    : Exception($"{what} {wayOut}", inner)
{
    /// <summary>What is wrong.</summary>
    public Said What => what;

    /// <summary>What to do.</summary>
    public Said WayOut => wayOut;
}
