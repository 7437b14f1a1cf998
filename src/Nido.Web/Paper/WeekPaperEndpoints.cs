using FluentValidation;
using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Group;
using Nido.Core.Paper;
using Nido.Core.Paper.Adults;
using Nido.Core.Prep;
using Nido.Core.Week.Reading;
using Nido.Core.Words;
using Nido.Sheets;
using Nido.Web.Common;
using Nido.Web.Week;

namespace Nido.Web.Paper;

/// <summary>The paper of a week: what is needed, chosen and counted; all of it in one PDF; a day, the cards of its
/// ideas.</summary>
public static class WeekPaperEndpoints
{
    /// <summary>Adds the endpoints.</summary>
    public static void MapWeekPaper(this RouteGroupBuilder api)
    {
        var week = api.MapGroup("/weeks/{weekId}").WithTags("Paper").AddEndpointFilter<Refusing>();
        week.MapGet("/paper", Get).WithName("getPaper");
        week.MapPost("/paper/pdf", Pdf).WithName("printPaper").WithMetadata(new OnlyLooks()).ProducesProblem(400);
        week.MapGet("/days/{day:int}.pdf", Day).WithName("dayPdf");
        week.MapGet("/cards.pdf", Cards).WithName("cardsPdf");
    }

    private static async Task<Results<Ok<PaperView>, ProblemHttpResult>> Get(
        string weekId,
        string? language,
        WeekDesk desk,
        Content content,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);

        if (NotWritten(language) is { } problem)
        {
            return problem;
        }

        var made = MadeOrder.Of(plan, Setting(plan, language ?? Speaking.Now.Language, content), Lettering.Ours, stop);
        return TypedResults.Ok(
            new PaperView(
                plan.Problem.Group.Settings.HasPrinter,
                [.. made.Select(m => OrderView.Of(m, language ?? Speaking.Now.Language))],
                made.Sum(m => m.Printed),
                PrepTasks.Of(plan).Sum(t => t.Spared),
                plan.Problem.Group.Settings.Paper,
                [.. plan.Problem.Days.Select(d => d.Date)]
            )
        );
    }

    private static async Task<FileContentHttpResult> Pdf(
        string weekId,
        PaperBody body,
        WeekDesk desk,
        Content content,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);

        var setting = Setting(plan, body.Language, content);
        MadeOrder[] made =
        [
            .. MadeOrder.Of(plan, setting, Lettering.Ours, stop).Where(m => !body.Without.Contains(m.Order.Id)),
        ];
        var list = new Pad(setting, Lettering.Ours);
        MadeOrder.List(list, made);
        var pages = list.Done()
            .Concat(
                made.Where(m => m.Sheet is not null)
                    .SelectMany(m => Enumerable.Repeat(m.Sheet!.Pages, m.Order.Copies).SelectMany(p => p))
            );
        return TypedResults.File(
            SheetPdf.Of(list.Words.Say("paperOfTheWeek"), body.Language, pages),
            "application/pdf",
            "paper.pdf"
        );
    }

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Day(
        string weekId,
        int day,
        string? language,
        WeekDesk desk,
        Content content,
        CancellationToken stop
    ) =>
        await desk.PlanAsync(weekId, stop) is { } plan && day >= 0 && day < plan.Problem.Days.Count
            ? Drawn(
                plan,
                language,
                content,
                "kind.day-page",
                $"day-{plan.Problem.Days[day].Date:yyyy-MM-dd}.pdf",
                pad => DayPage.Draw(pad, plan, day)
            )
            : throw new NotHereException(NotHere.Place);

    private static async Task<Results<FileContentHttpResult, ProblemHttpResult>> Cards(
        string weekId,
        string? language,
        WeekDesk desk,
        Content content,
        CancellationToken stop
    )
    {
        var plan = await desk.PlanAsync(weekId, stop);
        return Drawn(plan, language, content, "kind.idea-cards", "cards.pdf", pad => IdeaCards.Draw(pad, plan));
    }

    /// <summary>A PDF of pages about a plan; refused in a language that is not spoken.</summary>
    public static Results<FileContentHttpResult, ProblemHttpResult> Drawn(
        WeekPlan plan,
        string? language,
        Content content,
        string title,
        string name,
        Action<Pad> draw,
        PaperSize? paper = null,
        bool leftHanded = false
    )
    {
        ArgumentNullException.ThrowIfNull(draw);
        if (NotWritten(language) is { } problem)
        {
            return problem;
        }

        var setting = Setting(plan, language ?? Speaking.Now.Language, content) with { LeftHanded = leftHanded };
        var pad = new Pad(paper is { } asked ? setting with { Paper = asked } : setting, Lettering.Ours);
        draw(pad);
        // A plan with nothing on it still gives a page, with its heading.
        var pages = pad.Done() is { Count: > 0 } done ? done : Empty(pad);
        return TypedResults.File(
            SheetPdf.Of(pad.Words.Say(title), language ?? Speaking.Now.Language, pages),
            "application/pdf",
            name
        );
    }

    /// <summary>Paper for a week in a language.</summary>
    public static Pad Pad(WeekPlan plan, string language, Content content) =>
        new(Setting(plan, language, content), Lettering.Ours);

    /// <summary>The refusal of a language sheets and letters are not written in; null for one they are.</summary>
    public static ProblemHttpResult? NotWritten(string? language) =>
        language is null or "en" or "es"
            ? null
            : Problems.Field("language", language, $"Sheets are written in en or es.");

    private static IReadOnlyList<Page> Empty(Pad pad)
    {
        pad.New();
        return pad.Done();
    }

    private static SheetSetting Setting(WeekPlan plan, string language, Content content)
    {
        var (group, days) = (plan.Problem.Group, plan.Problem.Days);
        // Beats are those of the words the children read, whatever language the sheet speaks to adults.
        var read = plan.Problem.Input.Ideas is [var idea, ..] ? idea.Theme.Language : group.Settings.LettersIn;
        Func<string, Pronunciation?> said = read == "es" ? SpanishSounds.Find : content.English.Find;
        return new(
            group.Settings.Paper,
            language,
            false,
            new(group.Name, null, days.Count > 0 ? PaperWords.In(language).FromTo(days[0].Date, days[^1].Date) : null)
        )
        {
            Beats = w => said(w)?.Syllables,
            Tongue = content.Tongue(language) ?? Tongue.English,
        };
    }
}

/// <summary>What to leave out, and the language.</summary>
public sealed record PaperBody(IReadOnlyList<string> Without, string Language = "en");

/// <summary>The paper of a week.</summary>
/// <param name="HasPrinter">The group has a printer.</param>
/// <param name="Orders">By evening, then by idea.</param>
/// <param name="Pages">Pages in all, copies included.</param>
/// <param name="Spared">Minutes that printing spares in Prep.</param>
/// <param name="Paper">A4 or Letter.</param>
/// <param name="Days">Days that have a page of their own.</param>
public sealed record PaperView(
    bool HasPrinter,
    IReadOnlyList<OrderView> Orders,
    int Pages,
    int Spared,
    PaperSize Paper,
    IReadOnlyList<DateOnly> Days
);

/// <summary>A sheet a week needs.</summary>
/// <param name="Id">To leave it out by.</param>
/// <param name="Kind">Kind of sheet.</param>
/// <param name="Title">In words.</param>
/// <param name="Values">What it says.</param>
/// <param name="Pages">Pages of one copy.</param>
/// <param name="Copies">How often it is printed.</param>
/// <param name="LeftHanded">Laid out for left hands.</param>
/// <param name="For">The idea or thing.</param>
/// <param name="Step">Its step; null where it is for all.</param>
/// <param name="Names">Who has it.</param>
/// <param name="NeededOn">First day it is needed.</param>
/// <param name="Evening">Evening it is printed.</param>
/// <param name="Notes">What whoever prints must know.</param>
/// <param name="Problem">Why it cannot be made, and the way out; null where it can.</param>
public sealed record OrderView(
    string Id,
    string Kind,
    string Title,
    SheetValues Values,
    int Pages,
    int Copies,
    bool LeftHanded,
    Said For,
    int? Step,
    IReadOnlyList<string> Names,
    DateOnly NeededOn,
    DateOnly Evening,
    IReadOnlyList<string> Notes,
    FieldProblem? Problem
)
{
    /// <summary>As made.</summary>
    public static OrderView Of(MadeOrder made, string language)
    {
        ArgumentNullException.ThrowIfNull(made);
        var o = made.Order;
        return new(
            o.Id,
            o.Kind,
            PaperWords.In(language).Kind(o.Kind),
            o.Values,
            made.Sheet?.Pages.Count ?? 0,
            o.Copies,
            o.LeftHanded,
            o.For,
            o.Step,
            o.Names,
            o.NeededOn,
            o.Evening,
            made.Sheet?.Notes ?? [],
            made.Problem is { } p ? new(p.Field, p.Value, p.Allowed) : null
        );
    }
}

internal sealed class PaperBodyValidator : AbstractValidator<PaperBody>
{
    public PaperBodyValidator()
    {
        RuleFor(p => p.Language).Must(l => l is "en" or "es").Says($"en or es is wanted.");
    }
}
