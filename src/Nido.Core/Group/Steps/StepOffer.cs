namespace Nido.Core.Group.Steps;

/// <summary>The step a child is offered in an idea, with the reason.</summary>
/// <param name="Of">The step of the ladder.</param>
/// <param name="IsHighest">The highest the child can probably do alone; false where help is planned at the
/// lowest.</param>
/// <param name="Help">Least help with which the child is likely to manage.</param>
/// <param name="Alone">P(alone) at that step.</param>
/// <param name="WithHelp">P(with that help).</param>
/// <param name="Fit">0–1: how right the step is; 0 is out of reach.</param>
public sealed record StepOffer(LadderStep Of, bool IsHighest, HelpLevel Help, double Alone, double WithHelp, double Fit)
{
    /// <summary>Number on the ladder.</summary>
    public int Step => Of.Number;

    /// <summary>Number of the step an adult has chosen, or null; where that may not lie out here, this is the nearest
    /// that may.</summary>
    public int? ChosenStep { get; init; }

    /// <summary>An adult has chosen where the child works.</summary>
    public bool IsChosen => ChosenStep is not null;

    /// <summary>P(alone) that was asked for.</summary>
    public double AskedAlone { get; init; } = JustRight.AloneFrom;

    /// <summary>The reason in words.</summary>
    public IReadOnlyList<Said> Trace =>
        [
            ChosenStep == Step
                ? (Said)$"Step {Step} ({Of.Name}) was chosen by an adult; alone {100 * Alone:0}%{Helped}."
            : ChosenStep is { } other
                ? Said.That(
                    $"An adult chose step {other}, which may not lie out here; step {Step} ({Of.Name}) is the "
                        + $"nearest that may. Alone {100 * Alone:0}%{Helped}."
                )
            : IsHighest
                ? Said.That(
                    $"Step {Step} ({Of.Name}) is the highest here that the child can probably do alone: "
                        + $"{100 * Alone:0}%, and at least {100 * AskedAlone:0}% is asked."
                )
            : Help == HelpLevel.Alone
                ? Said.That(
                    $"Step {Step} ({Of.Name}) is the lowest here; alone {100 * Alone:0}%, less than the "
                        + $"{100 * AskedAlone:0}% that is asked, and nothing easier may lie out."
                )
            : $"Step {Step} ({Of.Name}) is the lowest here; alone {100 * Alone:0}%, so help is planned: "
                + $"{100 * WithHelp:0}% when {HelpInWords}.",
            Fit == 0
                ? (Said)$"Even with the most help it is under 30%: out of reach for now."
                : $"It counts {Fit:0.00} of its minutes: 1 from 55% to 90% alone, less when too easy or with help.",
        ];

    private Said Helped => Said.When(Help != HelpLevel.Alone, $", {100 * WithHelp:0}% when {HelpInWords}");

    private Said HelpInWords => Help == HelpLevel.Shown ? (Said)$"shown first" : $"helped with hands";
}
