using Nido.Core.Group.Steps;
using Nido.Core.Ideas;

namespace Nido.Core.Paper;

/// <summary>
/// What a sheet of an idea says: width and form of its lines from the step of the ladder, words and pictures from the
/// theme, names
/// from the children, sizes from the things that are bound.
/// </summary>
/// <param name="Theme">What the week is about.</param>
/// <param name="Idea">The idea.</param>
/// <param name="Step">The step with its things.</param>
/// <param name="Rung">The same step on its ladder.</param>
/// <param name="Names">Who works at it.</param>
public sealed record FromIdea(Theme Theme, Idea Idea, IdeaStep Step, LadderStep Rung, IReadOnlyList<string> Names)
{
    private LineSize? Line => Rung.Size as LineSize;

    private string Shape =>
        Theme.Shapes.Select(s => s.ToLowerInvariant()).FirstOrDefault(Kinds.ShapeOf.Names.Contains) ?? "square";

    private IReadOnlyList<string> Pictured =>
        [.. Theme.Words.Where(w => Pictures.Of(w) is not null).DistinctBy(Pictures.Of)];

    private static readonly string[] PicturedSlots = ["flat", "small", "vehicle", "holder"];

    // Pictures are found by their English word.
    private string? Slot(string slot) => Theme.Slots.GetValueOrDefault(slot)?.En;

    private string Picture =>
        PicturedSlots.Select(s => Slot(s) ?? "").FirstOrDefault(w => Pictures.Of(w) is not null)
        ?? (Pictured.Count > 0 ? Pictured[0] : "star");

    /// <summary>Values of a kind of sheet; what is not told here begins as the field says.</summary>
    public SheetValues For(string kind) =>
        kind switch
        {
            "snip-strips" => Values(
                numbers: new()
                {
                    ["width"] = LinesOfStep.Within("snip-strips", Line?.Width ?? 4),
                    ["strips"] = Math.Min(60, 2 * Step.Count),
                },
                texts: new() { ["marks"] = Step.Number <= 2 ? "fringe" : "across" }
            ),
            "cutting-lines" => Values(
                numbers: new()
                {
                    ["width"] = LinesOfStep.Within("cutting-lines", Line?.Width ?? 8),
                    ["count"] = Math.Clamp(Step.Count * 2, 3, 6),
                },
                texts: new()
                {
                    ["line"] = Turns(),
                    ["picture"] = Picture,
                    ["widths"] = "falling",
                }
            ),
            "cut-shapes" => Values(texts: new() { ["shape"] = Shape }),
            "fill-outlines" => Idea.Technique.Ladder == "scissors"
                ? Values(texts: new() { ["outline"] = "picture", ["picture"] = Slot("vehicle") ?? Picture })
                : Values(texts: new() { ["outline"] = "text", ["text"] = Theme.Letter }),
            "arc-rows" => Arcs(),
            "own-name" or "name-tags" or "name-tiles" => Values(lists: new() { ["names"] = Names }),
            "numeral-cards" => Values(numbers: new() { ["to"] = Top() }),
            "number-line" => Values(
                numbers: new()
                {
                    ["to"] = Math.Max(10, Theme.OlderNumbersTo),
                    ["missing"] = 2,
                    ["lines"] = 2,
                }
            ),
            "dot-cards" => Values(
                numbers: new() { ["to"] = Math.Min(10, Top()) },
                texts: new() { ["lie"] = Top() <= 6 ? "dice" : "frame" }
            ),
            "fill-mats" => Values(numbers: new() { ["to"] = Top(), ["piece"] = 20 }),
            "pattern-strips" => Pattern(
                Rung.Number >= 6 ? "ABC"
                : Rung.Number == 5 ? "ABB"
                : "AB"
            ),
            "picture-pairs" => Pictured.Count < 2
                ? Values()
                : Values(
                    texts: new() { ["pairs"] = Rung.Number >= 4 ? "nearlyAlike" : "alike" },
                    lists: new() { ["pictures"] = [.. Pictured.Take(6)] }
                ),
            // Words with a picture first: twelve are enough for a wall.
            "word-cards" => Values(lists: new() { ["words"] = [.. Pictured.Concat(Theme.Words).Distinct().Take(12)] }),
            "story-order" => Values(lists: new() { ["sentences"] = Sentences() }),
            "first-sound" => Pictured.Count < 2
                ? Values()
                : Values(
                    texts: new() { ["letter"] = Theme.Letter },
                    lists: new() { ["words"] = [.. Pictured.Take(8)] }
                ),
            "trace-forms" => Values(
                numbers: new() { ["width"] = LinesOfStep.Within("trace-forms", Line?.Width ?? 14) },
                texts: new() { ["form"] = LinesOfStep.Form(Rung) }
            ),
            "trace-letters" or "letter-mats" or "dot-letters" => Values(
                texts: new()
                {
                    [kind == "trace-letters" ? "text" : "letters"] =
                        $"{Theme.Letter.ToUpperInvariant()}{(kind == "dot-letters" ? "" : Theme.Letter.ToLowerInvariant())}",
                }
            ),
            "text-cards" => Values(
                numbers: new() { ["width"] = 45, ["height"] = 60 },
                lists: new() { ["texts"] = Letters() }
            ),
            "drill-template" => Values(texts: new() { ["letter"] = Theme.Letter.ToUpperInvariant() }),
            "stick-cards" => Values(
                numbers: new() { ["sticks"] = Math.Clamp(Step.Count, 3, 12), ["length"] = StickLength() }
            ),
            "lacing-card" => Values(texts: new() { ["shape"] = Shape }),
            "price-tags" => Values(
                numbers: new() { ["dearest"] = Math.Clamp(Theme.NumbersTo, 3, 20) },
                lists: new() { ["things"] = Pictured.Count > 0 ? [.. Pictured.Take(6)] : ["star"] }
            ),
            "labels" => Values(
                numbers: new() { ["width"] = 60, ["height"] = 28 },
                lists: new() { ["words"] = [.. Enumerable.Range(1, Top()).Select(n => $"{n}")] }
            ),
            "lid-openings" => Values(),
            _ => Values(),
        };

    private static SheetValues Values(
        Dictionary<string, double>? numbers = null,
        Dictionary<string, string>? texts = null,
        Dictionary<string, IReadOnlyList<string>>? lists = null
    ) => new(numbers, texts, lists);

    // A guide to paste along winds.
    private string Turns() => Idea.Technique.Ladder != "scissors" ? "wave" : LinesOfStep.Turns(Line);

    private int Top() => Math.Clamp(Rung.Number >= 5 ? Theme.OlderNumbersTo : Theme.NumbersTo, 3, 20);

    // As the step says, as far as the page and the piece allow: the innermost row still holds a piece.
    private SheetValues Arcs()
    {
        var piece = Math.Clamp(Idea.Lead?.Width ?? 19, 5, 50);
        var outer = Math.Clamp(Step.Making.ArcRadius ?? 85, 30, Math.Floor((189 - piece) / 2));
        var pitch = Math.Clamp(Step.Making.ArcPitch > 0 ? Step.Making.ArcPitch : 22, 8, 60);
        var rows = Math.Clamp(
            Step.Making.ArcRows,
            1,
            Math.Max(1, Math.Min(6, (int)((outer - (piece / Math.PI)) / pitch) + 1))
        );
        return Values(
            numbers: new()
            {
                ["outerRadius"] = outer,
                ["rows"] = rows,
                ["rowPitch"] = pitch,
                ["piece"] = piece,
            }
        );
    }

    // Two repeats and a place more than the next one takes must go across a page, whichever paper it is.
    private static SheetValues Pattern(string unit) =>
        Values(
            numbers: new() { ["piece"] = Math.Min(18, Math.Floor((184.0 / ((3 * unit.Length) + 1)) - 3)) },
            texts: new() { ["pattern"] = unit }
        );

    private double StickLength() => Idea.Lead is { } lead ? Math.Clamp(Math.Max(lead.Length, lead.Width), 15, 65) : 40;

    // The letter of the week and five that look unlike it, capitals and small ones.
    private string[] Letters()
    {
        var own = Theme.Letter.ToUpperInvariant();
        string[] all = [own, .. "OTXSLM".Select(c => $"{c}").Where(c => c != own).Take(5)];
        return [.. all.SelectMany(l => (string[])[l, l.ToLowerInvariant()])];
    }

    private string[] Sentences()
    {
        string[] all =
        [
            .. Theme
                .Story.NameIn(Theme.Language)
                .Split(['.', '!', '?'], StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
                .Where(s => s.Length <= Paper.Values.LongestEntry)
                .Take(6)
                .Select(s => $"{s}."),
        ];
        return all.Length > 0 ? all : ["1", "2", "3"];
    }
}
