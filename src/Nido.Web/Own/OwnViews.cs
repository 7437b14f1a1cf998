using FluentValidation;
using Nido.Catalog;
using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Ideas;
using Nido.Core.Safety;
using Nido.Data.Formats;
using Nido.Web.Common;
using Nido.Web.Safety;

namespace Nido.Web.Own;

/// <summary>Something of one's own in a list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">What it is called.</param>
/// <param name="IsMaterial">A material; else a way of working.</param>
/// <param name="HasPhoto">A photo of it was taken.</param>
public sealed record OwnView(string Id, string Name, bool IsMaterial, bool HasPhoto);

/// <summary>What can be chosen for a way of working of one's own.</summary>
/// <param name="Ladders">By aim.</param>
/// <param name="Actions">What is done.</param>
/// <param name="Strands">What it works on.</param>
/// <param name="Colours">Colours a material of one's own can come in.</param>
public sealed record OwnChoices(
    IReadOnlyList<OwnLadder> Ladders,
    IReadOnlyList<OwnChoice> Actions,
    IReadOnlyList<OwnChoice> Strands,
    IReadOnlyList<OwnChoice> Colours
);

/// <summary>A ladder to stand on.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Aim">Its aim.</param>
/// <param name="Steps">Names of its steps, lowest first.</param>
public sealed record OwnLadder(string Id, InBoth Name, Aim Aim, IReadOnlyList<InBoth> Steps);

/// <summary>A way of working to copy.</summary>
/// <param name="Name">What it is called.</param>
/// <param name="Draft">As it is, its texts filled with the theme.</param>
/// <param name="Fits">Ids of materials it can be done with.</param>
public sealed record NearView(InBoth Name, IdeaDraft Draft, IReadOnlyList<string> Fits);

/// <summary>Something of a closed list.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">In the reader's language.</param>
public sealed record OwnChoice(string Id, Said Name);

internal sealed class MaterialDraftValidator : AbstractValidator<MaterialDraft>
{
    public MaterialDraftValidator(Content content)
    {
        RuleFor(m => m.Name).Must(n => PlainText.IsName(n, 60)).Says($"Give it a name of 1 to 60 letters.");
        RuleFor(m => m.Like)
            .Must(id => content.Material(id ?? "") is { } like && content.OwnMaterials.All(o => o.Id != like.Id))
            .Says($"Choose a material of the catalogue it is most like: from it Nido knows what it can be used for.");
        RuleFor(m => m.Length).Must(ThingBodyValidator.InRange).Says(ThingBodyValidator.Sizes);
        RuleFor(m => m.Width).Must(ThingBodyValidator.InRange).Says(ThingBodyValidator.Sizes);
        RuleFor(m => m.Height).Must(ThingBodyValidator.InRange).Says(ThingBodyValidator.Sizes);
        RuleFor(m => m.Hole).Must(ThingBodyValidator.InRange).Says(ThingBodyValidator.Sizes);
        RuleFor(m => m.Opening).Must(ThingBodyValidator.InRange).Says(ThingBodyValidator.Sizes);
        RuleFor(m => m.CordMm).Must(ThingBodyValidator.InRange).Says(ThingBodyValidator.Sizes);
        RuleFor(m => m.LoopMm).Must(ThingBodyValidator.InRange).Says(ThingBodyValidator.Sizes);
        RuleFor(m => m.Mass)
            .Must(g => g is null or (> 0 and <= 100_000))
            .Says($"A weight is over 0 and at most 100,000 g; leave it out where nobody weighed it.");
        RuleFor(m => m.PackSize).Must(n => n is null or (> 0 and <= 100_000)).Says($"A pack holds 1 to 100,000.");
        RuleFor(m => m.PackCents)
            .Must((m, c) => c is null ? m.PackSize is null : c is > 0 and <= 10_000_000 && m.PackSize is not null)
            .Says($"A pack has its size and its price, or neither.");
        RuleForEach(m => m.Colours)
            .Must(c => content.Colours.Contains(c))
            .Says((_, c) => $"{c} is no colour Nido knows.");
        RuleForEach(m => m.Answers)
            .Must(a => content.Questions.Any(q => q.Answers.Any(x => x.Id == a)))
            .Says((_, a) => $"{a} is no answer. They are at /api/thing-questions.");
        RuleForEach(m => m.Contains)
            // A word that means others is no answer: the rules would not meet them in it.
            .Must(a => content.Allergens.Find(a ?? "") is { Means.Count: 0 })
            .Says((_, a) => $"{a} is no allergen Nido knows. They are at /api/allergens.");
        RuleFor(m => m.Contains)
            .Must((m, _) => m.Answers is null || !content.AsksWhatItContains(m))
            .Says($"Say which allergens it holds, or that it holds none of them: it is food, or was near some.");
        // What nobody said counts as the risky case, so that what it is made of is asked for.
        RuleFor(m => m.Answers)
            .Must(answers =>
                content.Questions.First(q => q.Id == "made-of").Answers.Any(a => answers?.Contains(a.Id) == true)
            )
            .Says($"Say what it is made of: the rules cannot judge what they do not know.");
    }
}

internal sealed class IdeaDraftValidator : AbstractValidator<IdeaDraft>
{
    private const int LongestText = 200;

    public IdeaDraftValidator(Content content)
    {
        RuleFor(i => i.Title)
            .Must(t => PlainText.IsName(t, 80) && !t.Contains('{', StringComparison.Ordinal))
            .Says($"Give it a title of 1 to 80 letters.");
        RuleFor(i => i.From)
            .Must(f => f is null || Shipped(content, f) is not null)
            .Says($"Choose a way of working of the catalogue to copy, or begin bare.");
        RuleFor(i => i.Ladder)
            .Must((i, l) => i.From is not null || content.Ladders.ContainsKey(l ?? ""))
            .Says($"Choose the ladder its steps stand on.");
        RuleFor(i => i.Minutes).InclusiveBetween(3, 60).Says($"It takes 3 to 60 minutes.");
        RuleFor(i => i.Blocks)
            .Must((i, b) => i.From is not null || b.Count > 0)
            .Says($"Choose at least one kind of block it can lie in.");
        RuleForEach(i => i.Blocks).IsInEnum().Says($"This is no kind of block.");
        RuleForEach(i => i.Strands)
            .Must(s => Strand.Find(s ?? "") is not null)
            .Says((_, s) => $"{s} is no strand. They are at /api/own/choices.");
        RuleForEach(i => i.Actions)
            .Must(a => Doing.All.Contains(a ?? ""))
            .Says((_, a) => $"{a} is nothing the rules know. What can be done is at /api/own/choices.");
        RuleForEach(i => i.Things)
            .Must(t => t is not null && content.Material(t.MaterialId ?? "") is not null && t.Each is > 0 and <= 100)
            .Says($"Choose a material of the cupboard, 1 to 100 a child.");
        RuleFor(i => i.Things)
            .Must((i, t) => i.From is not null || t.Count <= IdeaDraft.MostThings)
            .Says($"At most {IdeaDraft.MostThings} things lie out.");
        RuleFor(i => i.Things).Must((i, _) => Unfit(content, i) is null).Says((i, _) => Unfit(content, i) ?? Said.None);
        RuleFor(i => i.Steps)
            .Must((i, s) => i.From is not null || s.Count > 0)
            .Says($"Write at least one step: what the child does.");
        RuleFor(i => i.Steps)
            .Must(s => s.Select(x => x.Step).Distinct().Count() == s.Count)
            .Says($"Each step is written once.");
        RuleFor(i => i.Steps)
            .Must((i, s) => s.All(x => IsStep(content, i, x.Step)))
            .Says($"A step stands on the ladder; of a copy, it is one of those it has.");
        RuleFor(i => i.Steps)
            .Must((i, s) => i.From is not null || s.All(x => !string.IsNullOrWhiteSpace(x.Do)))
            .Says($"Say at each step what the child does.");
        RuleFor(i => i.Steps)
            .Must(s =>
                s.All(x => new[] { x.Do, x.Say, x.Easier, x.Harder, x.Seen }.All(t => (t?.Length ?? 0) <= LongestText))
            )
            .Says($"A sentence has at most {LongestText} letters.");
    }

    private static Technique? Shipped(Content content, string id) =>
        content.OwnTechniques.Any(t => t.Id == id) ? null : content.Techniques.FirstOrDefault(t => t.Id == id);

    private static bool IsStep(Content content, IdeaDraft idea, int step) =>
        idea.From is { } id
            ? Shipped(content, id)?.Steps.Any(s => s.Step == step) != false
            : !content.Ladders.TryGetValue(idea.Ladder ?? "", out var ladder)
                || (step >= 1 && step <= ladder.Steps.Count);

    /// <summary>What the work needs that none of the chosen things gives.</summary>
    private static Said? Unfit(Content content, IdeaDraft idea)
    {
        if (idea.From is null || idea.Things.Count == 0 || Shipped(content, idea.From) is not { } from)
        {
            return null;
        }

        if (from.Roles.Count == 0)
        {
            return $"{from.Name} needs no material. Leave the things out.";
        }

        var fails = idea
            .Things.Select(t => content.Material(t?.MaterialId ?? ""))
            .OfType<Material>()
            .Select(m => (Material: m, Why: StandIns.Fails(m, from.Roles[0].Needs, null)))
            .ToArray();
        return fails.Length > 0 && fails.All(f => f.Why is not null)
            ? (Said)
                $"{fails[0].Material.Name} cannot be used for it: {fails[0].Why!}. Choose another thing, or begin bare."
            : null;
    }
}
