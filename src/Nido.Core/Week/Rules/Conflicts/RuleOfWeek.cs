using Google.OrTools.Sat;

namespace Nido.Core.Week.Rules.Conflicts;

/// <summary>A rule that can be left out of the model.</summary>
/// <param name="Says">The rule in a teacher's words.</param>
/// <param name="Holds">True where it must hold.</param>
internal sealed record RuleOfWeek(Impossible Says, BoolVar Holds);
