using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Core.Cupboard;
using Nido.Core.Group;
using Nido.Core.Group.Expecting;
using Nido.Data;
using Nido.Data.Rows;
using Nido.Web.Common;

namespace Nido.Web.Session;

/// <summary>Who comes to a session nobody signs up for: counted at the door, expected from what was counted, and how many
/// kits that makes by the price of being wrong.</summary>
public static class ExpectedEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapExpected(this RouteGroupBuilder api)
    {
        var group = api.MapGroup("/groups/{groupId}").WithTags("Session");
        group.MapGet("/expected", Get).WithName("getExpected");
        group.MapPut("/counts/{on}", Count).WithName("countAtDoor");
        group.MapDelete("/counts/{on}", TakeBack).WithName("takeCountBack");
    }

    private static async Task<Results<Ok<ExpectedView>, ProblemHttpResult>> Get(
        string groupId,
        DateOnly? on,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var group = await db.TheGroupAsync(groupId, stop);
        return NotASession(group) is { } problem
            ? problem
            : TypedResults.Ok(ExpectedView.Of(group, on ?? DateOnly.FromDateTime(time.GetLocalNow().DateTime)));
    }

    private static async Task<Results<NoContent, ProblemHttpResult>> Count(
        string groupId,
        DateOnly on,
        DoorCountsBody body,
        NidoDb db,
        TimeProvider time,
        CancellationToken stop
    )
    {
        var row = await db.TheGroupRowAsync(groupId, stop);
        if (NotASession(row.ToCore()) is { } problem)
        {
            return problem;
        }

        if (on > DateOnly.FromDateTime(time.GetLocalNow().DateTime))
        {
            return Problems.Field("on", $"{on:yyyy-MM-dd}", $"A session is counted on its day or later, not before.");
        }

        if (body.Bands.FirstOrDefault(b => row.Expected.All(e => e.FromMonths != b.FromMonths)) is { } unknown)
        {
            return Problems.Field(
                "fromMonths",
                $"{unknown.FromMonths}",
                $"No band begins at this age. The bands stand in Group."
            );
        }

        row.Counts.RemoveAll(c => c.On == on && body.Bands.Any(b => b.FromMonths == c.FromMonths));
        row.Counts.AddRange(
            body.Bands.Select(b => new DoorCountRow
            {
                GroupId = groupId,
                On = on,
                FromMonths = b.FromMonths,
                Children = b.Children,
                Kits = b.Kits,
                KitsBack = b.KitsBack,
            })
        );
        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static async Task<NoContent> TakeBack(string groupId, DateOnly on, NidoDb db, CancellationToken stop)
    {
        var row = await db.TheGroupRowAsync(groupId, stop);
        if (row.Counts.RemoveAll(c => c.On == on) == 0)
        {
            throw new NotHereException(NotHere.TakenBack);
        }

        await db.SaveChangesAsync(stop);
        return TypedResults.NoContent();
    }

    private static ProblemHttpResult? NotASession(ChildrenGroup group) =>
        group.Kind == GroupKind.DropIn
            ? null
            : Problems.Field(
                "groupId",
                group.Id,
                $"The children of {group.Name} are known by name: who is there is marked at the door in Today."
            );
}

/// <summary>What a count says: the bands that were counted.</summary>
public sealed record DoorCountsBody(IReadOnlyList<BandCount> Bands);

/// <summary>How many of a band came, how many kits were there and how many are back.</summary>
public sealed record BandCount(int FromMonths, int Children, int? Kits, int? KitsBack);

/// <summary>Who is expected.</summary>
/// <param name="On">For a session on this day: what was counted before it.</param>
/// <param name="Bands">Each age band.</param>
/// <param name="All">All together, with one kit for everyone.</param>
/// <param name="RunOutPercent">In how many of a hundred sessions kits may run out.</param>
/// <param name="Choice">Numbers of kits by the price of being wrong; null before both prices are said.</param>
/// <param name="Counts">What was counted, newest first.</param>
public sealed record ExpectedView(
    DateOnly On,
    IReadOnlyList<BandView> Bands,
    BandView All,
    int RunOutPercent,
    KitsByPrice? Choice,
    IReadOnlyList<CountAtDoor> Counts
)
{
    private const int MostCounts = 60;

    /// <summary>What is expected of a group's session.</summary>
    public static ExpectedView Of(ChildrenGroup group, DateOnly on)
    {
        ArgumentNullException.ThrowIfNull(group);
        var settings = group.Settings;
        BandView View(string name, int from, int said, Expectation e)
        {
            var kits = DropInKits.For(e.Coming, settings.RunOutPercent / 100.0);
            return new(
                name,
                from,
                said,
                Math.Round(e.Coming.Expected, 1),
                e.Low,
                e.High,
                e.Sessions,
                kits,
                Math.Round(100 * e.Coming.MoreThan(kits), 1),
                e.Coming.Size is not null
            );
        }

        var all = group.ExpectingAll(on);
        return new(
            on,
            [.. group.Expected.Select(b => View(b.Name, b.FromMonths, b.Children, group.Expecting(b, on)))],
            View("", 0, group.Expected.Sum(b => b.Children), all),
            settings.RunOutPercent,
            settings is { KitTooManyCents: > 0, KitTooFewCents: > 0 }
                ? KitsByPrice.Of(all.Coming, settings.KitTooManyCents, settings.KitTooFewCents)
                : null,
            [.. group.Counts.OrderByDescending(c => c.On).ThenBy(c => c.FromMonths).Take(MostCounts)]
        );
    }
}

/// <summary>What is expected of a band.</summary>
/// <param name="Name">Its ages; empty for all together.</param>
/// <param name="FromMonths">Youngest age.</param>
/// <param name="Said">Headcount the librarian said.</param>
/// <param name="Expected">Headcount of the next session on the mean.</param>
/// <param name="Low">Fewer come in one session of twenty.</param>
/// <param name="High">More come in one session of twenty.</param>
/// <param name="Sessions">Sessions counted.</param>
/// <param name="Kits">Kits to pack.</param>
/// <param name="RunOut">Chance in percent that they run out.</param>
/// <param name="Differs">Sessions differ by more than chance.</param>
public sealed record BandView(
    string Name,
    int FromMonths,
    int Said,
    double Expected,
    int Low,
    int High,
    int Sessions,
    int Kits,
    double RunOut,
    bool Differs
);

internal sealed class DoorCountsBodyValidator : AbstractValidator<DoorCountsBody>
{
    public DoorCountsBodyValidator()
    {
        RuleFor(c => c.Bands).Must(b => b?.Count is >= 1 and <= 20).Says($"1 to 20 bands are counted at once.");
        RuleFor(c => c.Bands)
            .Must(b => b.Select(x => x.FromMonths).Distinct().Count() == b.Count)
            .Says($"A band is counted once.");
        RuleForEach(c => c.Bands)
            .ChildRules(band =>
            {
                band.RuleFor(b => b.Children).InclusiveBetween(0, 500).Says($"0 to 500 children are counted.");
                band.RuleFor(b => b.Kits).InclusiveBetween(0, 1000).Says($"0 to 1000 kits are counted.");
                band.RuleFor(b => b.KitsBack)
                    .Must((b, back) => back is null || (back >= 0 && (b.Kits is null || back <= b.Kits)))
                    .Says($"No more kits come back than there were.");
            });
    }
}
