using FluentValidation;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Safety;
using Nido.Core.Week.Findings;
using Nido.Web.Common;

namespace Nido.Web.Safety;

/// <summary>The safety of a week: findings, everything that was ever lifted in it, and the adults who can answer for
/// it.</summary>
public sealed record SafetyView(
    IReadOnlyList<WeekFinding> Findings,
    IReadOnlyList<RuleOverride> Overrides,
    IReadOnlyList<string> Adults
);

/// <summary>A rule to read.</summary>
public sealed record RuleView(
    string Id,
    Core.Safety.Severity Severity,
    Said Message,
    Said Source,
    Said DeferTo,
    bool Room,
    int Adults
)
{
    /// <summary>No adult lifts it.</summary>
    public bool NeverLifted { get; init; }

    /// <summary>Written for things a house adds itself.</summary>
    public bool ForOwnThings { get; init; }
}

/// <summary>A sign about allergens: at the door where it has no place, else at a table.</summary>
public sealed record TableSignView(
    int? Day,
    string? Block,
    int? Offer,
    Said? Title,
    IReadOnlyList<Week.AllergenName> Allergens
);

/// <summary>An override in the journal of a group.</summary>
public sealed record JournalOverride(DateOnly Week, RuleOverride Override);

/// <summary>A rule lifted for an idea, with who answers for it and why.</summary>
public sealed record OverrideBody(string IdeaId, string RuleId, string Adult, string Reason)
{
    /// <summary>The one day it is lifted for; null for the whole week.</summary>
    public DateOnly? Day { get; init; }
}

/// <summary>A thing a house asks about: sizes in mm, null where nobody measured.</summary>
public sealed record ThingBody(
    string Name,
    Shape Shape,
    double? Length,
    double? Width,
    double? Height,
    bool HasCord,
    double? CordMm,
    double? LoopMm,
    bool BreaksOpen,
    double? Amount,
    IReadOnlyList<string> Answers
)
{
    /// <summary>The thing with its answers.</summary>
    public OwnThing ToCore(Nido.Catalog.Content content) =>
        new(
            Name.Trim(),
            new Body(Shape, Length ?? 0, Width ?? 0, Height ?? 0),
            HasCord,
            CordMm,
            LoopMm,
            BreaksOpen,
            Amount,
            [.. content.Questions.SelectMany(q => q.Answers).Where(a => Answers.Contains(a.Id))]
        );
}

internal sealed class ThingBodyValidator : AbstractValidator<ThingBody>
{
    internal static readonly Said Sizes =
        $"A size is over 0 and at most 10,000 mm; leave it out where nobody measured.";

    public ThingBodyValidator(Nido.Catalog.Content content)
    {
        RuleFor(t => t.Name).Must(n => n?.Trim().Length is > 0 and <= 60).Says($"Give it a name of 1 to 60 letters.");
        RuleFor(t => t.Length).Must(InRange).Says(Sizes);
        RuleFor(t => t.Width).Must(InRange).Says(Sizes);
        RuleFor(t => t.Height).Must(InRange).Says(Sizes);
        RuleFor(t => t.CordMm).Must(InRange).Says(Sizes);
        RuleFor(t => t.LoopMm).Must(InRange).Says(Sizes);
        RuleFor(t => t.Amount)
            .Must(a => a is null or (>= 0 and <= 100_000))
            .Says($"An amount is 0 to 100,000; leave it out where nobody knows.");
        RuleForEach(t => t.Answers)
            .Must(a => content.Questions.Any(q => q.Answers.Any(x => x.Id == a)))
            .Says((_, a) => $"{a} is no answer. They are at /api/thing-questions.");
    }

    internal static bool InRange(double? mm) => mm is null or (> 0 and <= 10_000);
}

internal sealed class OverrideBodyValidator : AbstractValidator<OverrideBody>
{
    public OverrideBodyValidator()
    {
        RuleFor(o => o.IdeaId).NotEmpty().Says($"Say for which idea.");
        RuleFor(o => o.RuleId).NotEmpty().Says($"Say which rule.");
        RuleFor(o => o.Adult).NotEmpty().Says($"Name the adult who answers for it.");
        RuleFor(o => o.Reason)
            .Must(r => r?.Trim().Length is >= 10 and <= 300)
            .Says($"Give the reason in 10 to 300 letters: it stays in the journal.");
    }
}
