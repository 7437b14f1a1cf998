using FluentValidation;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Allergens;
using Nido.Core.Group;
using Nido.Data.Formats;
using Nido.Web.Common;
using Nido.Web.Families;

namespace Nido.Web.Group;

/// <summary>A child as sent; the id is given by the server.</summary>
public sealed record ChildBody(
    string Name,
    DateOnly BornOn,
    WeekDays Days,
    bool Mouths,
    Hand Hand,
    bool AvoidsTouch,
    IReadOnlyList<string> Allergies,
    string HomeLanguage,
    string Note
)
{
    /// <summary>What the child is given so that it can take part.</summary>
    public IReadOnlyList<Support> Supports { get; init; } = [];

    /// <summary>Ways of working chosen for this child, by difference.</summary>
    public IReadOnlyDictionary<string, string> Ways { get; init; } = new Dictionary<string, string>();

    /// <summary>Words for an allergy that are kept as they are though nobody knows them.</summary>
    public IReadOnlyList<string> UnknownAllergies { get; init; } = [];

    /// <summary>Materials the child's written plan allows in spite of an allergy.</summary>
    public IReadOnlyList<WrittenPlan> Plans { get; init; } = [];

    /// <summary>What its family allows of pictures.</summary>
    public PictureConsent Pictures { get; init; }

    /// <summary>First day it comes, or null.</summary>
    public DateOnly? FirstDay { get; init; }

    /// <summary>Last day it comes, or null; a visitor's is its first.</summary>
    public DateOnly? LastDay { get; init; }

    /// <summary>The child with an id, its allergies read with the vocabulary: what maps to nothing is kept as a
    /// word.</summary>
    public Child ToCore(string id, AllergenBook book)
    {
        var kept = AllergyEntry.Kept(book, Allergies, UnknownAllergies);
        return new(id, Name.Trim(), BornOn, Days, Mouths, Hand, AvoidsTouch, kept.Allergens, HomeLanguage, Note)
        {
            Supports = [.. Supports.Distinct()],
            Ways = Ways,
            UnknownAllergies = kept.Unknown,
            Plans = [.. Plans.Select(p => p with { Adult = p.Adult.Trim(), Wording = p.Wording.Trim() })],
            Pictures = Pictures,
            FirstDay = FirstDay,
            LastDay = LastDay,
        };
    }
}

/// <summary>Several children at once, saved together or not at all.</summary>
public sealed record ChildrenBody(IReadOnlyList<ChildBody> Children);

/// <summary>A new group: a name is enough, the rest has defaults.</summary>
public sealed record NewGroupBody(string Name, string Place)
{
    /// <summary>Whether the children are known.</summary>
    public GroupKind Kind { get; init; }

    /// <summary>Id of the timetable it begins with; null for the usual one of its kind.</summary>
    public string? Timetable { get; init; }
}

/// <summary>An adult as sent.</summary>
public sealed record AdultBody(string? Id, string Name, WeekDays Days, TimeOnly From, TimeOnly To);

/// <summary>Everything of a group but its children.</summary>
public sealed record GroupBody(
    string Name,
    string Place,
    WeekDays Days,
    IReadOnlyList<AdultBody> Adults,
    IReadOnlyList<Block> Blocks,
    GroupSettings Settings
)
{
    /// <summary>Who is expected, where the children are not known.</summary>
    public IReadOnlyList<ExpectedBand> Expected { get; init; } = [];

    /// <summary>Children together or apart.</summary>
    public IReadOnlyList<GroupingWish> Wishes { get; init; } = [];
}

internal sealed class ChildBodyValidator : AbstractValidator<ChildBody>
{
    public ChildBodyValidator(TimeProvider time, Content content)
    {
        RuleForEach(c => c.Ways)
            .Must(w => content.Differences.Any(d => d.Id == w.Key && d.OfChild && d.Choices.Any(x => x.Id == w.Value)))
            .Says((_, w) => $"{w.Key}: {w.Value} is not a choice for a child. See /api/differences.");
        RuleFor(c => c.Name).Must(n => PlainText.IsName(n, 60)).Says($"A name of 1 to 60 letters is wanted.");
        RuleFor(c => c.BornOn)
            .Custom(
                (born, context) =>
                {
                    if (
                        ChildrenCsv.BornProblem(born, DateOnly.FromDateTime(time.GetLocalNow().DateTime)) is { } problem
                    )
                    {
                        context.AddFailure(
                            new FluentValidation.Results.ValidationFailure(context.PropertyPath, $"{problem}", born)
                            {
                                CustomState = problem,
                            }
                        );
                    }
                }
            );
        RuleFor(c => c.Allergies)
            .Custom(
                (words, context) =>
                {
                    foreach (var near in content.Allergens.Read(words ?? []).Asked)
                    {
                        context.AddFailure(
                            new FluentValidation.Results.ValidationFailure(
                                context.PropertyPath,
                                $"{AllergyEntry.DidYouMean(near, content.Allergens)}",
                                near.Word
                            )
                            {
                                CustomState = AllergyEntry.DidYouMean(near, content.Allergens),
                            }
                        );
                    }
                }
            );
        RuleForEach(c => c.Allergies)
            .Must(w => w?.Trim().Length is > 0 and <= 100)
            .Says($"An allergy is a word or a few, 1 to 100 letters.");
        RuleForEach(c => c.UnknownAllergies)
            .Must(w => w?.Trim().Length is > 0 and <= 100)
            .Says($"An allergy is a word or a few, 1 to 100 letters.");
        RuleFor(c => c.Allergies).Must(a => a is null || a.Count <= 40).Says($"At most 40 words for allergies.");
        RuleFor(c => c.UnknownAllergies)
            .Must(a => a is null || a.Count <= 20)
            .Says($"At most 20 words that are not known.");
        RuleForEach(c => c.Plans)
            .ChildRules(plan =>
            {
                plan.RuleFor(p => p.MaterialId)
                    .Must(m => m is not null && content.Material(m) is not null)
                    .Says($"This is no material. The list is at /api/materials.");
                plan.RuleFor(p => p.Adult)
                    .Must(a => a?.Trim().Length is > 0 and <= 60)
                    .Says($"Name the adult who enters the plan.");
                plan.RuleFor(p => p.Wording)
                    .Must(w => w?.Trim().Length is >= 3 and <= 200)
                    .Says($"Write the plan's own words, 3 to 200 letters.");
                plan.RuleFor(p => p.On)
                    .Must(d => d <= DateOnly.FromDateTime(time.GetLocalNow().DateTime) && d.Year >= 2000)
                    .Says($"A plan has the date on which it was written.");
            });
        RuleFor(c => c.LastDay)
            .Must((c, last) => !(last < c.FirstDay))
            .Says($"The last day lies before the first. Change one of them.");
        RuleFor(c => c.Days).Must(d => d != WeekDays.None).Says($"Choose at least one day.");
        RuleFor(c => c.HomeLanguage)
            .Matches("^[a-z]{2}$")
            .Says($"A language is two small letters, for example en or es.");
        RuleFor(c => c.Note).MaximumLength(500).Says($"A note has at most 500 letters.");
    }
}

internal sealed class ChildrenBodyValidator : AbstractValidator<ChildrenBody>
{
    public ChildrenBodyValidator(IValidator<ChildBody> child)
    {
        RuleFor(c => c.Children).NotEmpty().Says($"No children were sent.");
        RuleFor(c => c.Children).Must(c => c.Count <= 200).Says($"At most 200 children are added at once.");
        RuleForEach(c => c.Children).SetValidator(child);
        RuleFor(c => c.Children)
            .Must(all => all.Select(c => c.Name.Trim().ToUpperInvariant()).Distinct().Count() == all.Count)
            .Says($"A name stands twice in the list. Add a letter of the family name.");
    }
}

internal sealed class NewGroupBodyValidator : AbstractValidator<NewGroupBody>
{
    public NewGroupBodyValidator()
    {
        RuleFor(g => g.Name).Must(n => PlainText.IsName(n, 80)).Says($"A name of 1 to 80 letters is wanted.");
        RuleFor(g => g.Place).MaximumLength(120).Says($"The name of a house has at most 120 letters.");
        RuleFor(g => g.Timetable)
            .Must(t => t is null || Core.Group.Timetable.All.Any(x => x.Id == t))
            .Says(
                $"This timetable is not known. Known are {string.Join(", ", Core.Group.Timetable.All.Select(x => x.Id))}."
            );
    }
}

internal sealed class AdultBodyValidator : AbstractValidator<AdultBody>
{
    public AdultBodyValidator()
    {
        RuleFor(a => a.Name).Must(n => PlainText.IsName(n, 60)).Says($"An adult needs a name or a role.");
        RuleFor(a => a.Days).Must(d => d != WeekDays.None).Says($"Choose at least one day.");
        RuleFor(a => a.To).GreaterThan(a => a.From).Says($"The end of an adult's time must be after its start.");
    }
}

internal sealed class GroupBodyValidator : AbstractValidator<GroupBody>
{
    public GroupBodyValidator(IValidator<AdultBody> adult, Content content)
    {
        RuleForEach(g => g.Settings.Ways)
            .Must(w => content.Differences.Any(d => d.Id == w.Key && d.Choices.Any(x => x.Id == w.Value)))
            .Says((_, w) => $"{w.Key}: {w.Value} is not a choice there is. See /api/differences.");
        RuleFor(g => g.Settings.LettersIn).Must(l => l is "en" or "es").Says($"en or es is wanted.");
        RuleForEach(g => g.Settings.LetIn)
            .Must(content.Allergens.IsPublished)
            .Says(
                (_, id) =>
                    content.Allergens.Read(id ?? "").Allergens is { Count: > 0 } meant
                        ? (Said)$"Write {meant}."
                        : $"This is no allergen of the published lists. They are at /api/allergens."
            );
        RuleForEach(g => g.Expected)
            .ChildRules(band =>
            {
                band.RuleFor(b => b.FromMonths).InclusiveBetween(6, 107).Says($"A band begins at 6 to 107 months.");
                band.RuleFor(b => b.ToMonths)
                    .Must((b, to) => to > b.FromMonths && to <= 108)
                    .Says($"A band ends later than it begins, at 108 months or before.");
                band.RuleFor(b => b.Children)
                    .InclusiveBetween(0, 100)
                    .Says($"0 to 100 children are expected in a band.");
            });
        RuleFor(g => g.Expected)
            .Must(all =>
                all.OrderBy(b => b.FromMonths)
                    .Zip(all.OrderBy(b => b.FromMonths).Skip(1))
                    .All(x => x.First.ToMonths <= x.Second.FromMonths)
            )
            .Says($"Two bands share an age. Let each begin where the one before ends.");
        RuleForEach(g => g.Wishes).Must(w => w.ChildId != w.OtherId).Says($"A wish is about two children.");
        RuleFor(g => g.Name).Must(n => PlainText.IsName(n, 80)).Says($"A name of 1 to 80 letters is wanted.");
        RuleFor(g => g.Place).MaximumLength(120).Says($"The name of a house has at most 120 letters.");
        RuleFor(g => g.Adults).Must(a => a.Count <= 60).Says($"At most 60 adults are in a group.");
        RuleFor(g => g.Blocks).Must(b => b.Count <= 20).Says($"A day has at most 20 blocks.");
        RuleFor(g => g.Wishes).Must(w => w.Count <= 400).Says($"At most 400 wishes about children together or apart.");
        RuleFor(g => g.Days).Must(d => d != WeekDays.None).Says($"Choose at least one day.");
        RuleForEach(g => g.Blocks)
            .ChildRules(block =>
            {
                block.RuleFor(b => b.Minutes).InclusiveBetween(5, 180).Says($"A block has 5 to 180 minutes.");
                block.RuleFor(b => b.Offers).InclusiveBetween(1, 6).Says($"A block has 1 to 6 offers.");
                block
                    .RuleFor(b => b.Offers)
                    .Equal(1)
                    .When(b => b.Kind is BlockKind.Circle or BlockKind.Outdoors)
                    .Says($"A whole-group block has one offer.");
                block
                    .RuleFor(b => b.Name)
                    .Must(n => PlainText.IsName(n, 60))
                    .Says($"A block needs a name of 1 to 60 letters.");
                block
                    .RuleFor(b => b.Id)
                    .Matches("^[a-z0-9-]{1,30}$")
                    .Says($"A block's id is 1 to 30 small letters, digits and hyphens.");
            });
        RuleFor(g => g.Blocks)
            .Must(all => all.Select(b => b.Id).Distinct().Count() == all.Count)
            .Says($"Two blocks have the same id.");
        RuleForEach(g => g.Adults).SetValidator(adult);
        RuleForEach(g => g.Settings.OwnRatio)
            .ChildRules(band =>
            {
                band.RuleFor(b => b.FromMonths)
                    .InclusiveBetween(0, 120)
                    .Says($"A line of the ratio begins at 0 to 120 months.");
                band.RuleFor(b => b.Children).InclusiveBetween(1, 30).Says($"One adult has 1 to 30 children.");
            });
        RuleFor(g => g.Settings.OwnRatio)
            .Must(all =>
                all is [{ FromMonths: 0 }, ..]
                && all.Zip(all.Skip(1)).All(x => x.First.FromMonths < x.Second.FromMonths)
            )
            .Says($"A group's own ratio begins at 0 months, and every line at a higher age than the one before.");
        RuleFor(g => g.Settings.BudgetCents).InclusiveBetween(0, 1_000_000).Says($"A budget is 0 to 10,000.00.");
        RuleFor(g => g.Settings.LettersFrom)
            .Must(a => string.IsNullOrEmpty(a) || HomeBodyValidator.IsAddress(a))
            .Says($"This is no address for mail. Write one like name@house.example, or leave it empty.");
        RuleFor(g => g.Settings.RunOutPercent)
            .InclusiveBetween(1, 50)
            .Says($"Kits may run out in 1 to 50 of a hundred sessions.");
        RuleFor(g => g.Settings.KitTooManyCents)
            .InclusiveBetween(0, 100_000)
            .Says($"A kit that stays over costs 0 to 1,000.00.");
        RuleFor(g => g.Settings.KitTooFewCents)
            .InclusiveBetween(0, 100_000)
            .Says($"A child without a kit counts as 0 to 1,000.00.");
        RuleFor(g => g.Settings.EveningPrepMinutes)
            .InclusiveBetween(0, 240)
            .Says($"An evening holds 0 to 240 minutes.");
        RuleFor(g => g.Settings.AttentionMinutesPerYear)
            .InclusiveBetween(1, 10)
            .Says($"Attention is 1 to 10 minutes for each year of age.");
    }
}
