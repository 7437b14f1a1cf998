using Nido.Core.Ideas;

namespace Nido.Core.Planning.Allocation;

/// <summary>
/// Who gets what from the cupboard, as plain numbers. A choice is made of a variant for each group and of an option for
/// each role of the chosen variant; what they take must be covered by what is there, bought, made, or asked for.
/// </summary>
/// <param name="Supplies">Materials.</param>
/// <param name="Recipes">Ways to make one of the other.</param>
/// <param name="Groups">Placed ideas.</param>
public sealed record AllocationProblem(IReadOnlyList<Supply> Supplies, IReadOnlyList<MakeLine> Recipes, IReadOnlyList<TakerGroup> Groups);

/// <summary>A material: what is there and how more of it can come.</summary>
/// <param name="Id">Id.</param>
/// <param name="OnHand">Units there.</param>
/// <param name="PackSize">Units in a pack; 0 where no shop sells it.</param>
/// <param name="PackCents">Price of a pack.</param>
/// <param name="Rows">
/// What must fit at once: the moments whose takes add up and what is lost by then. One row over the whole week for what is
/// used up, a row for each block for what comes back.
/// </param>
public sealed record Supply(string Id, double OnHand, double PackSize, int PackCents, IReadOnlyList<SupplyRow> Rows);

/// <summary>Moments whose takes add up, and units no longer good by then.</summary>
public sealed record SupplyRow(IReadOnlySet<int> Moments, double Lost);

/// <summary>A recipe: what a batch gives, takes, and how long it is worked at.</summary>
public sealed record MakeLine(int Makes, double Amount, IReadOnlyList<(int Supply, double Each)> From, double Minutes);

/// <summary>A placed idea, which can lie out in one of several variants.</summary>
public sealed record TakerGroup(IReadOnlyList<Variant> Variants);

/// <summary>An idea with a leading material: what it takes in any case, and roles where there is a choice.</summary>
public sealed record Variant(string IdeaId, int Score, IReadOnlyList<Take> Takes, IReadOnlyList<RoleChoice> Roles);

/// <summary>A role of which one option is taken.</summary>
public sealed record RoleChoice(IReadOnlyList<Option> Options);

/// <summary>A material in a role, how well it stands in (0–100), and what it takes. No swap: as it is bound now.</summary>
public sealed record Option(Swap? Swap, int Score, IReadOnlyList<Take> Takes);

/// <summary>Units of a supply taken at a moment (the index of a block of a day).</summary>
public readonly record struct Take(int Supply, int Moment, double Amount);
