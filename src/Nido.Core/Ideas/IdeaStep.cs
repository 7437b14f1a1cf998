using Nido.Core.Cupboard;

namespace Nido.Core.Ideas;

/// <summary>A step of an idea with the materials bound to it.</summary>
/// <param name="Number">Number on the ladder.</param>
/// <param name="Do">What the child does, in the words of the theme.</param>
/// <param name="Count">The step's count.</param>
/// <param name="Bindings">Material in each role used at this step.</param>
/// <param name="Makes">Pieces that come about while it is worked.</param>
public sealed record IdeaStep(
    int Number, string Do, int Count, IReadOnlyDictionary<string, StandIn> Bindings, IReadOnlyList<MadePiece> Makes);
