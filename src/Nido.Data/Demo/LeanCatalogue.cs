using Nido.Core.Ideas;

namespace Nido.Data.Demo;

/// <summary>A catalogue so small that no week gives every child everything: where planning shows what it can
/// do.</summary>
public static class LeanCatalogue
{
    private static readonly HashSet<string> Kept =
    [
        "carry-dry",
        "pegs-on-line",
        "thread-string",
        "snip-and-cut",
        "stack-and-build",
        "tear-and-crumple",
        "fill-to-number",
        "post-in-slots",
        "print-stamps",
        "twist-lids",
        "hand-warm-up",
        "position-words",
        "quick-number",
        "lift-and-carry",
        "throw-to-target",
        "chalk-route",
    ];

    /// <summary>Whether a technique is in it.</summary>
    public static bool Has(Technique technique) => Kept.Contains(technique.Id);
}
