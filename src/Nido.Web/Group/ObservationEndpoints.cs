using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Group;

/// <summary>What is seen of the children, and the steps adults choose for them.</summary>
public static class ObservationEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapObservations(this RouteGroupBuilder api)
    {
        var group = api.MapGroup("/groups/{groupId}").WithTags("Group");
        group.MapPost("/observations", Add).WithName("addObservations");
        group.MapDelete("/observations/{id:long}", TakeBack).WithName("takeObservationBack");
        group.MapGet("/children/{childId}/ladders/{ladder}", Open).WithName("getEvidence");
        group.MapGet("/children/{childId}/ladders/{ladder}/step", Chosen).WithName("getChosenStep");
        group.MapPut("/children/{childId}/ladders/{ladder}/step", Choose).WithName("chooseStep").AsksForEdition();
        group.MapDelete("/children/{childId}/ladders/{ladder}/step", LetNidoChoose).WithName("letNidoChoose");
    }

    private static async Task<Results<Ok<long[]>, ProblemHttpResult>> Add(
        string groupId,
        ObservationsBody body,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);

        var today = DateOnly.FromDateTime(time.GetLocalNow().DateTime);
        FieldProblem[] wrong =
        [
            .. body.Observations.Select((o, k) => o.Wrong(k, group, content, today)).OfType<FieldProblem>(),
        ];
        if (wrong.Length > 0)
        {
            return Problems.Fields(wrong);
        }

        ObservationRow[] rows = [.. body.Observations.Select(o => o.ToRow(today))];
        db.Observations.AddRange(rows);
        await db.SaveChangesAsync(stop);
        return TypedResults.Ok(rows.Select(r => r.Id).ToArray());
    }

    private static async Task<NoContent> TakeBack(string groupId, long id, NidoDb db, CancellationToken stop)
    {
        var row = (
            await db.Observations.SingleOrDefaultAsync(
                o => o.Id == id && db.Children.Any(c => c.Id == o.ChildId && c.GroupId == groupId),
                stop
            )
        ).Found(NotHere.TakenBack);

        db.Observations.Remove(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<Ok<EvidenceView>> Open(
        string groupId,
        string childId,
        string ladder,
        DateOnly? on,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        var child = group.Children.FirstOrDefault(c => c.Id == childId).Found(NotHere.Child);
        var of = content.TheLadder(ladder);
        return TypedResults.Ok(
            await ViewAsync(
                group,
                child,
                of,
                on ?? DateOnly.FromDateTime(time.GetLocalNow().DateTime),
                db,
                content,
                stop
            )
        );
    }

    private static async Task<Ok<ChosenView>> Chosen(
        string groupId,
        string childId,
        string ladder,
        HttpContext http,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        await db.TheChildAsync(groupId, childId, stop);
        content.TheLadder(ladder);
        return TypedResults.Ok(
            Edition.Tell(
                http,
                ChosenView.Of(
                    await db.ChosenSteps.SingleOrDefaultAsync(c => c.ChildId == childId && c.Ladder == ladder, stop)
                )
            )
        );
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Choose(
        string groupId,
        string childId,
        string ladder,
        ChooseBody body,
        HttpContext http,
        NidoDb db,
        Content content,
        TimeProvider time,
        CancellationToken stop
    )
    {
        await db.TheChildAsync(groupId, childId, stop);
        var of = content.TheLadder(ladder);

        if (body.Step < 1 || body.Step > of.Steps.Count)
        {
            return Problems.Field("step", $"{body.Step}", $"{of.Name} has steps 1 to {of.Steps.Count}.");
        }

        var row = await db.ChosenSteps.SingleOrDefaultAsync(c => c.ChildId == childId && c.Ladder == ladder, stop);
        if (Edition.Against(http, ChosenView.Of(row)) is { } stale)
        {
            return stale;
        }

        if (row is null)
        {
            db.ChosenSteps.Add(row = new ChosenStepRow { ChildId = childId, Ladder = ladder });
        }

        (row.Step, row.KnowsBetter, row.On) = (
            body.Step,
            body.KnowsBetter,
            DateOnly.FromDateTime(time.GetLocalNow().DateTime)
        );
        await db.SaveChangesAsync(stop);
        Edition.Tell(http, ChosenView.Of(row));
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> LetNidoChoose(
        string groupId,
        string childId,
        string ladder,
        NidoDb db,
        CancellationToken stop
    )
    {
        await db.TheChildAsync(groupId, childId, stop);
        var row = (
            await db.ChosenSteps.SingleOrDefaultAsync(c => c.ChildId == childId && c.Ladder == ladder, stop)
        ).Found(NotHere.TakenBack);

        db.ChosenSteps.Remove(row);
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<EvidenceView> ViewAsync(
        ChildrenGroup group,
        Child child,
        Ladder ladder,
        DateOnly on,
        NidoDb db,
        Content content,
        CancellationToken stop
    )
    {
        var evidence = await db.EvidenceAsync(group.Id, on, stop);
        var belief = evidence.Belief(child, ladder);
        var months = child.MonthsOn(on);
        return new(
            OfferView.Of(group, child, ladder, evidence, WeekInputs.WaysOf(content, group), on),
            months,
            Math.Round(belief.MonthsLike(months), 1),
            Math.Round(belief.MonthsLike(months, 0.1), 1),
            Math.Round(belief.MonthsLike(months, 0.9), 1),
            [
                .. belief
                    .Weights.Select(
                        (w, i) => (Months: AgeScale.Months(AgeScale.Of(months) + i - AbilityBelief.Reach), w)
                    )
                    .Select(x => new CurvePoint(
                        Math.Round(x.Months, 2),
                        Math.Round(x.w * AgeScale.Even / x.Months, 5)
                    )),
            ],
            [
                .. ladder.Steps.Select(s => new RungView(
                    s.Number,
                    s.Name,
                    s.TypicalMonths,
                    (int)Math.Round(100 * belief.Chance(HelpLevel.Alone, s.TypicalMonths, months))
                )),
            ],
            [.. evidence.Seen(child.Id, ladder.Id).Reverse()],
            evidence.Chosen(child.Id, ladder.Id),
            OwnWork.Of(evidence.Own(child.Id))
        );
    }
}

/// <summary>What was seen, as sent.</summary>
public sealed record ObservationsBody(IReadOnlyList<ObservationBody> Observations);

/// <summary>One observation as sent; without a day it is of today.</summary>
public sealed record ObservationBody(
    string ChildId,
    string Ladder,
    int Step,
    HelpLevel Help,
    DateOnly? On,
    string? By,
    string? Note
)
{
    /// <summary>Minutes the child chose to stay, 1–180, or null.</summary>
    public int? Minutes { get; init; }

    /// <summary>Id of the idea at which it was seen, or null.</summary>
    public string? IdeaId { get; init; }

    /// <summary>Id of a sign of the ladder, or null; the signs stand at /api/signs-of-work.</summary>
    public string? Sign { get; init; }

    /// <summary>How often it was tried, 1–200, or null.</summary>
    public int? Tries { get; init; }

    /// <summary>How many of the tries hit, or null.</summary>
    public int? Hits { get; init; }

    /// <summary>The hand that did it, or null.</summary>
    public Hand? Hand { get; init; }

    /// <summary>Id of a grip of the ladder, or null; the grips stand at /api/signs-of-work.</summary>
    public string? Grip { get; init; }

    /// <summary>The tool it was done with, or null.</summary>
    public string? Tool { get; init; }

    /// <summary>What is wrong with it in a group, or null.</summary>
    public FieldProblem? Wrong(int index, ChildrenGroup group, Content content, DateOnly today)
    {
        ArgumentNullException.ThrowIfNull(group);
        ArgumentNullException.ThrowIfNull(content);
        FieldProblem Field(string name, string value, Said message) =>
            new($"observations[{index}].{name}", value, message);
        var child = group.Children.FirstOrDefault(c => c.Id == ChildId);
        return child is null ? Field("childId", ChildId, $"This child is not in {group.Name}.")
            : !content.Ladders.TryGetValue(Ladder, out var ladder)
                ? Field(
                    "ladder",
                    Ladder,
                    $"This ladder is not known. Known are {content.Ladders.Keys.Order(StringComparer.Ordinal)}."
                )
            : Step < 1 || Step > ladder.Steps.Count
                ? Field("step", $"{Step}", $"{ladder.Name} has steps 1 to {ladder.Steps.Count}.")
            : Sign is { Length: > 0 } && content.Signs[Ladder].All(s => s.Id != Sign)
                ? Field(
                    "sign",
                    Sign,
                    $"This sign is not known on {ladder.Name}. Known are {content.Signs[Ladder].Select(s => Said.Name(s.Id))}."
                )
            : Grip is { Length: > 0 } && content.Grips[Ladder].All(g => g.Id != Grip)
                ? Field(
                    "grip",
                    Grip,
                    content.Grips.Contains(Ladder)
                        ? (Said)
                            $"This grip is not known on {ladder.Name}. Known are {content.Grips[Ladder].Select(g => Said.Name(g.Id))}."
                        : $"No grips are told apart on {ladder.Name}. Leave it out."
                )
            : Hits is not null && !(Hits >= 0 && Hits <= Tries)
                ? Field("hits", $"{Hits}", $"0 to as many as there were tries.")
            : On > today ? Field("on", $"{On:yyyy-MM-dd}", $"A day up to today, {today:yyyy-MM-dd}, is wanted.")
            : On < child.BornOn
                ? Field(
                    "on",
                    $"{On:yyyy-MM-dd}",
                    $"{child.Name} was born on {child.BornOn:yyyy-MM-dd}; a later day is wanted."
                )
            : null;
    }

    /// <summary>A new row of it.</summary>
    public ObservationRow ToRow(DateOnly today) =>
        new()
        {
            ChildId = ChildId,
            Ladder = Ladder,
            Step = Step,
            Help = Help,
            On = On ?? today,
            By = By?.Trim() ?? "",
            Note = Note?.Trim() ?? "",
            Minutes = Minutes,
            IdeaId = IdeaId ?? "",
            Sign = Sign ?? "",
            Tries = Tries,
            Hits = Hits,
            Hand = Hand,
            Grip = Grip ?? "",
            Tool = Tool?.Trim() ?? "",
        };
}

/// <summary>A step chosen; knowing better says the child is there, whatever was seen.</summary>
public sealed record ChooseBody(int Step, bool KnowsBetter);

/// <summary>The step an adult chose on a ladder, if one did.</summary>
public sealed record ChosenView(int? Step, bool KnowsBetter, DateOnly? On)
{
    /// <summary>As stored.</summary>
    public static ChosenView Of(ChosenStepRow? row) => new(row?.Step, row?.KnowsBetter ?? false, row?.On);
}

/// <summary>A cell of the grid opened. Ages in months.</summary>
/// <param name="Offer">The step offered.</param>
/// <param name="Months">Age of the child.</param>
/// <param name="Mean">Age at which half of children can what this child is believed to.</param>
/// <param name="Low">With this one, …</param>
/// <param name="High">…80% of the belief.</param>
/// <param name="Curve">The belief.</param>
/// <param name="Rungs">Steps with the chance that the child manages them alone, in percent.</param>
/// <param name="Seen">Observations, newest first.</param>
/// <param name="Chosen">The step an adult chose, or null.</param>
/// <param name="Own">How long the child stays at work of its own choice.</param>
public sealed record EvidenceView(
    OfferView Offer,
    int Months,
    double Mean,
    double Low,
    double High,
    IReadOnlyList<CurvePoint> Curve,
    IReadOnlyList<RungView> Rungs,
    IReadOnlyList<Observation> Seen,
    ChosenStep? Chosen,
    OwnWork Own
);

/// <summary>Work of one's own choice in minutes: half last longer than the median, one in ten longer than the
/// long.</summary>
public sealed record OwnWork(int Seen, double Median, double SeldomLonger)
{
    /// <summary>The view of it.</summary>
    public static OwnWork Of(OwnMinutes own)
    {
        ArgumentNullException.ThrowIfNull(own);
        return new(own.Seen, Math.Round(own.Median), Math.Round(own.SeldomLonger));
    }
}

/// <summary>A bin of the belief.</summary>
public sealed record CurvePoint(double Months, double Weight);

/// <summary>A step with its typical age and the chance of managing it alone.</summary>
public sealed record RungView(int Step, Said Name, int TypicalMonths, int AlonePercent);

internal sealed class ObservationsBodyValidator : AbstractValidator<ObservationsBody>
{
    public ObservationsBodyValidator()
    {
        RuleFor(o => o.Observations).NotEmpty().Says($"Nothing was seen: send at least one observation.");
        RuleFor(o => o.Observations).Must(o => o.Count <= 500).Says($"At most 500 at once.");
        RuleForEach(o => o.Observations)
            .ChildRules(o =>
            {
                o.RuleFor(x => x.By).MaximumLength(60).Says($"A name has at most 60 letters.");
                o.RuleFor(x => x.Minutes).InclusiveBetween(1, 180).Says($"1 to 180 minutes are wanted.");
                o.RuleFor(x => x.Tries).InclusiveBetween(1, 200).Says($"1 to 200 tries are counted.");
                o.RuleFor(x => x.IdeaId).MaximumLength(200).Says($"Say at which idea.");
                o.RuleFor(x => x.Tool).MaximumLength(60).Says($"A tool is named in at most 60 letters.");
                o.RuleFor(x => x.Note).MaximumLength(500).Says($"A note has at most 500 letters.");
            });
    }
}
