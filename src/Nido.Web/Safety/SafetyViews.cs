using FluentValidation;
using Nido.Core.Safety;

namespace Nido.Web.Safety;

/// <summary>The safety of a week: findings, everything that was ever lifted in it, and the adults who can answer for it.</summary>
public sealed record SafetyView(IReadOnlyList<WeekFinding> Findings, IReadOnlyList<RuleOverride> Overrides, IReadOnlyList<string> Adults);

/// <summary>A rule to read.</summary>
public sealed record RuleView(string Id, Core.Safety.Severity Severity, string Message, string Source, string DeferTo, bool Room, int Adults)
{
    /// <summary>No adult lifts it.</summary>
    public bool NeverLifted { get; init; }

    /// <summary>Written for things a house adds itself.</summary>
    public bool ForOwnThings { get; init; }
}

/// <summary>A sign about allergens: at the door where it has no place, else at a table.</summary>
public sealed record SignView(int? Day, string? Block, int? Offer, string? Title, IReadOnlyList<Week.AllergenName> Allergens);

/// <summary>An override in the journal of a group.</summary>
public sealed record JournalOverride(DateOnly Week, RuleOverride Override);

/// <summary>A rule lifted for an idea, with who answers for it and why.</summary>
public sealed record OverrideBody(string IdeaId, string RuleId, string Adult, string Reason)
{
    /// <summary>The one day it is lifted for; null for the whole week.</summary>
    public DateOnly? Day { get; init; }
}

internal sealed class OverrideBodyValidator : AbstractValidator<OverrideBody>
{
    public OverrideBodyValidator()
    {
        RuleFor(o => o.IdeaId).NotEmpty().WithMessage("Say for which idea.");
        RuleFor(o => o.RuleId).NotEmpty().WithMessage("Say which rule.");
        RuleFor(o => o.Adult).NotEmpty().WithMessage("Name the adult who answers for it.");
        RuleFor(o => o.Reason).Must(r => r?.Trim().Length is >= 10 and <= 300).WithMessage("Give the reason in 10 to 300 letters: it stays in the journal.");
    }
}
