using Nido.Core.Group;
using Nido.Core.Group.Steps;
using Nido.Core.Ideas;
using Nido.Core.Ideas.Ways;
using Nido.Core.Safety;

namespace Nido.Catalog;

/// <summary>Reads something practitioners differ on.</summary>
internal static class DifferenceReader
{
    private static readonly Dictionary<string, HelpManner> Manners = new()
    {
        ["no-hands"] = HelpManner.NoHands,
        ["hands-at-once"] = HelpManner.HandsAtOnce,
        ["easier-step"] = HelpManner.EasierStep,
    };

    public static Difference Read(ContentFile f)
    {
        DifferenceChoice[] choices = [.. f.Maps("choices").Select(ChoiceOf)];
        if (choices.Length < 2)
        {
            f.Refuse("choices", "two choices are wanted, or there is nothing to differ on");
        }

        return new(f.Text("id"), f.Both("name"), f.Flag("of-child"), choices) { Order = f.Whole("order", 1, 99) };
    }

    private static DifferenceChoice ChoiceOf(ContentFile f)
    {
        var choice = new DifferenceChoice(
            f.Text("id"),
            f.Both("name"),
            f.Both("reason"),
            [.. f.Maps("cues").Select(CueOf)],
            [.. f.Maps("effects").Select(EffectOf)]
        );
        f.NothingElse();
        return choice;
    }

    private static Cue CueOf(ContentFile f)
    {
        var cue = new Cue(f.Choice<CueAt>("at"), TechniqueReader.Filled(f, "say", f.Both("say")), Where(f));
        f.NothingElse();
        return cue;
    }

    private static Effect EffectOf(ContentFile f)
    {
        var (needs, without, prep) = (f.Map("needs"), f.Map("without"), f.Map("add-prep"));
        var effect = new Effect(Where(f))
        {
            KeepsOut = f.Flag("keep-out"),
            Cost = f.Whole("cost", 0, 100, 0),
            Help = f.Has("help") ? Manners[f.Choice("help", Manners.Keys)] : null,
            Needs = f.Has("needs") ? (needs.Text("ladder"), LadderReader.Need(needs, needs.Text("ladder"))) : null,
            Without = f.Has("without")
                ? (
                    without.Text("ladder"),
                    [.. without.Texts("steps", least: 1).Select(s => int.TryParse(s, out var n) ? n : 0)]
                )
                : null,
            Prefer = f.Texts("prefer", Core.Cupboard.MaterialTags.All),
            SkipPrep = f.Texts("skip-prep"),
            AddPrep = f.Has("add-prep") ? PrepReader.Read(prep) : null,
            SmallLetters = f.Flag("small-letters"),
        };
        without.NothingElse();
        f.NothingElse();
        return effect;
    }

    private static TechniqueMatch Where(ContentFile f) =>
        new(
            f.Texts("ladders"),
            f.Texts("actions", Doing.All),
            f.Texts("strands", Core.Strand.All.Select(s => s.Id).ToHashSet()),
            f.Choices<Approach>("approaches"),
            f.Texts("traits", Traits.All),
            f.Texts("without-traits", Traits.All),
            f.Choices<BlockKind>("in")
        );
}
