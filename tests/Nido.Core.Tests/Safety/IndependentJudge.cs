using System.Globalization;
using System.Text.Json.Nodes;
using YamlDotNet.RepresentationModel;

namespace Nido.Core.Tests.Safety;

/// <summary>
/// Judges an exported week by reading nothing but the content files and the file of the unit. It shares no code with
/// the rules: what
/// it knows of allergens, small parts, cords, doses and adults is written here again, plainly, from the same published
/// values.
/// </summary>
internal sealed class IndependentJudge
{
    private readonly Dictionary<string, YamlMappingNode> materials = Load("materials");
    private readonly Dictionary<string, YamlMappingNode> techniques = Load("techniques");
    private readonly Dictionary<string, YamlMappingNode> allergens = Load("allergens");
    private readonly Dictionary<string, YamlMappingNode> makeFrom = Load("make-from");
    private readonly Dictionary<string, YamlMappingNode> recipes = Load("recipes");

    private sealed record Somebody(string Id, int Months, bool Mouths, string[] Allergies, double Kg)
    {
        public bool IsYoungOrMouths => Months < 36 || Mouths;
    }

    /// <summary>Everything that slipped through, a line each; empty where nothing did. Also counts what was looked
    /// at.</summary>
    public (IReadOnlyList<string> Missed, int Looked) Judge(string unitJson)
    {
        var unit = JsonNode.Parse(unitJson)!;
        var group = unit["group"]!;
        var monday = DateOnly.Parse((string)unit["monday"]!, CultureInfo.InvariantCulture);
        var dropIn = (string)group["kind"]! == "dropIn";
        var watchedTables = (string)group["settings"]!["smallParts"]! == "watchedTable";
        string[] letIn = [.. group["settings"]!["letIn"]!.AsArray().Select(x => (string)x!)];
        var days = ((string[])["monday", "tuesday", "wednesday", "thursday", "friday", "saturday"])
            .Where(d => Days(group).Contains(d))
            .ToArray();
        var made = unit["making"]!.AsArray().ToLookup(m => (string)m!["materialId"]!, m => (string)m!["way"]!);
        var missed = new List<string>();
        var looked = 0;
        foreach (var place in unit["laid"]!.AsArray())
        {
            var day = (int)place!["day"]!;
            var block = group["blocks"]!.AsArray().First(b => (string)b!["id"]! == (string)place["blockId"]!)!;
            var there = Present(unit, group, dropIn, days[day], day, monday).ToArray();
            var watched = watchedTables && (string)block["kind"]! is "shelf" or "table" && (int)place["adults"]! > 0;
            watched = watchedTables && watched;
            var steps = place["children"]!.AsArray().ToLookup(c => (int)c!["step"]!, c => (string)c!["childId"]!);
            foreach (var thing in place["things"]!.AsArray())
            {
                looked++;
                var who = Reached(there, steps, (int)thing!["step"]!, watched).ToArray();
                foreach (var wrong in Wrong(thing, there, who, dropIn, letIn, made))
                {
                    missed.Add(
                        $"{unit["monday"]} {days[day]} {place["blockId"]} {place["title"]}: {thing["materialId"]} as "
                            + $"{thing["role"]}: {wrong}"
                    );
                }
            }

            var actions = Words(techniques[((string)place["ideaId"]!).Split('.')[0]], "actions");
            var cuts = place["things"]!
                .AsArray()
                .Any(t => Words(materials[(string)t!["materialId"]!], "tags").Contains("blade"));
            var asksOne =
                actions.Any(a => a is "climb" or "hammer")
                || (there.Any(c => c.Months < 36) && (actions.Contains("water") || cuts));
            if (asksOne && (int)place["adults"]! < 1)
            {
                missed.Add($"{unit["monday"]} {days[day]} {place["title"]}: no adult is counted to it");
            }
        }

        return (missed, looked);
    }

    /// <summary>Those who can get at what a step lays out: everyone there, or at a watched table only those who work at
    /// the step.</summary>
    private static IEnumerable<Somebody> Reached(
        Somebody[] there,
        ILookup<int, string> steps,
        int step,
        bool watched
    ) => !watched ? there : there.Where(c => step == 0 || steps[step].Contains(c.Id));

    private IEnumerable<string> Wrong(
        JsonNode thing,
        Somebody[] there,
        Somebody[] reached,
        bool dropIn,
        string[] letIn,
        ILookup<string, string> made
    )
    {
        var id = (string)thing["materialId"]!;
        var material = materials[id];
        var tags = Words(material, "tags");
        var held = Held(id, made, 0);
        foreach (var child in there)
        {
            foreach (var met in held.Where(h => child.Allergies.Any(a => Covers(a, h) || Covers(h, a))))
            {
                yield return $"{met} for {child.Id}";
            }
        }

        if (dropIn)
        {
            foreach (var published in held.Where(h => IsPublished(h) && !letIn.Any(l => Covers(l, h))))
            {
                yield return $"{published} at a drop-in";
            }
        }

        foreach (
            var never in tags.Where(t =>
                t
                    is "balloon"
                        or "battery"
                        or "water-bead"
                        or "raw-egg"
                        or "raw-bean"
                        or "egg-carton"
                        or "toilet-tube"
                        or "borax"
                        or "hot"
            )
        )
        {
            yield return never;
        }

        foreach (
            var (tag, under) in ((string, int)[])
                [("choking-food", 48), ("raw-flour", 48), ("poison-seed", 48), ("film", 36), ("polystyrene", 36)]
        )
        {
            if (tags.Contains(tag) && there.Any(c => c.Months < under || c.Mouths))
            {
                yield return $"{tag} under {under} months";
            }
        }

        if (
            reached.Any(c => c.IsYoungOrMouths) && Pieces(thing, material).FirstOrDefault(IsCertainlySmall) is { } small
        )
        {
            yield return $"small part {small}";
        }

        if (
            reached.Any(c => c.Months < 36)
            && !(bool)thing["fixed"]!
            && CordOf(material) is { } cord
            && (cord.Length > 220 || cord.Loop >= 360)
        )
        {
            yield return $"cord {cord}";
        }

        foreach (var (substance, share) in Numbers(material, "grams"))
        {
            var grams = share * ((double?)thing["amount"] ?? 0);
            if (
                reached.FirstOrDefault(c => c.IsYoungOrMouths && grams / c.Kg >= (substance == "soap" ? 1 : 0.5)) is
                { } child
            )
            {
                yield return $"{grams:0} g {substance} for {child.Months} months";
            }
        }
    }

    /// <summary>Allergens of a material and of all it may have been made of.</summary>
    private HashSet<string> Held(string id, ILookup<string, string> made, int depth)
    {
        var material = materials[id];
        HashSet<string> held =
        [
            .. Words(material, "contains"),
            .. Words(material, "may-contain"),
            .. Words(material, "held"),
        ];
        if (depth > 6)
        {
            return held;
        }

        var mayBeMade = !material.Children.ContainsKey("pack");
        foreach (
            var way in makeFrom.Where(w => Text(w.Value, "makes") == id && (mayBeMade || made[id].Contains(w.Key)))
        )
        {
            foreach (
                var input in ((YamlMappingNode)way.Value.Children["from"]).Children.Keys.Select(k =>
                    ((YamlScalarNode)k).Value!
                )
            )
            {
                held.UnionWith(Held(input, made, depth + 1));
            }
        }

        foreach (
            var recipe in recipes.Where(r =>
                r.Value.Children.ContainsKey("makes")
                && Text(r.Value, "makes") == id
                && (mayBeMade || made[id].Contains(r.Key))
            )
        )
        {
            foreach (var part in ((YamlSequenceNode)recipe.Value.Children["ingredients"]).Cast<YamlMappingNode>())
            {
                held.UnionWith(Words(part, "contains"));
                if (part.Children.ContainsKey("material"))
                {
                    held.UnionWith(Held(Text(part, "material"), made, depth + 1));
                }
            }
        }

        return held;
    }

    private bool Covers(string wide, string narrow) =>
        wide == narrow
        || (
            allergens.TryGetValue(narrow, out var a)
            && a.Children.ContainsKey("within")
            && Covers(wide, Text(a, "within"))
        );

    private bool IsPublished(string id) =>
        allergens.TryGetValue(id, out var a)
        && (
            Words(a, "lists").Any(l => l is "eu-14" or "us-9")
            || (a.Children.ContainsKey("within") && IsPublished(Text(a, "within")))
        );

    private static IEnumerable<Somebody> Present(
        JsonNode unit,
        JsonNode group,
        bool dropIn,
        string day,
        int index,
        DateOnly monday
    )
    {
        if (dropIn)
        {
            return group["expected"]!
                .AsArray()
                .SelectMany(b =>
                    Enumerable
                        .Range(0, (int)b!["children"]!)
                        .Select(k =>
                            Of(
                                "expected",
                                (int)b["fromMonths"]!
                                    + (int)(
                                        (k + 0.5) * ((int)b["toMonths"]! - (int)b["fromMonths"]!) / (int)b["children"]!
                                    ),
                                false,
                                []
                            )
                        )
                );
        }

        string[] away =
        [
            .. unit["cameUp"]!
                .AsArray()
                .Where(h =>
                    (string)h!["kind"]! == "childAway" && (int)h["fromDay"]! <= index && (int)h["toDay"]! >= index
                )
                .Select(h => (string)h!["subject"]!),
        ];
        return group["children"]!
            .AsArray()
            .Where(c => Days(c!).Contains(day) && !away.Contains((string)c!["id"]!))
            .Select(c =>
            {
                var born = DateOnly.Parse((string)c!["bornOn"]!, CultureInfo.InvariantCulture);
                var months =
                    ((monday.Year - born.Year) * 12) + monday.Month - born.Month - (monday.Day < born.Day ? 1 : 0);
                return Of(
                    (string)c["id"]!,
                    months,
                    (bool)c["mouths"]!,
                    [.. c["allergies"]!.AsArray().Select(a => (string)a!)]
                );
            });
    }

    // WHO Child Growth Standards 2006, medians (from memory).
    private static Somebody Of(string id, int months, bool mouths, string[] allergies) =>
        new(
            id,
            months,
            mouths,
            allergies,
            months switch
            {
                < 24 => 9.3 + (2.5 * (months - 12) / 12),
                < 36 => 11.8 + (2.3 * (months - 24) / 12),
                < 48 => 14.1 + (2.1 * (months - 36) / 12),
                _ => 16.2 + (2.1 * (months - 48) / 12),
            }
        );

    private static string[] Days(JsonNode of) =>
        of["days"] is JsonArray list ? [.. list.Select(d => (string)d!)] : [(string)of["days"]!];

    private sealed record Piece(string Shape, double Length, double Width, double Height, bool ThinPaper);

    private static IEnumerable<Piece> Pieces(JsonNode thing, YamlMappingNode material)
    {
        var tags = Words(material, "tags");
        var paper = tags.Contains("paper") || tags.Contains("card");
        Piece Read(YamlMappingNode node, bool isPart)
        {
            var size =
                node.Children.TryGetValue("size", out var s) && s is YamlMappingNode map ? map : new YamlMappingNode();
            var (l, w, h) = (
                Number(size, "length"),
                Math.Max(Number(size, "width"), Number(size, "diameter")),
                Number(size, "height")
            );
            var shape = Text(node, "shape");
            return new(shape, l, w, h, paper && !isPart && shape is "box" or "disc" && paper && !isPart && h < 1);
        }

        if (Text(material, "unit") is "piece" or "sheet")
        {
            yield return Read(material, false);
        }

        foreach (
            var part in material.Children.TryGetValue("parts", out var parts)
                ? ((YamlSequenceNode)parts).Cast<YamlMappingNode>()
                : []
        )
        {
            if (!part.Children.ContainsKey("bitten-off"))
            {
                yield return Read(part, true);
            }
        }

        foreach (var piece in thing["pieces"]!.AsArray())
        {
            var height = (double)piece!["height"]! is > 0 and var own ? own : Read(material, false).Height;
            var shape = (string)piece["shape"]!;
            yield return new(
                shape,
                (double)piece["length"]!,
                (double)piece["width"]!,
                height,
                paper && shape is "box" or "disc" && paper && height < 1
            );
        }
    }

    /// <summary>What certainly fits a cylinder 31.7 wide and 25.4 deep at its shallow side, without any turning but the
    /// plain ones; balls up to 44.4. 16 CFR 1501.4 (from memory).</summary>
    private static bool IsCertainlySmall(Piece p)
    {
        if (p.ThinPaper)
        {
            return false;
        }

        double[] sides = [.. ((double[])[p.Length, p.Width, p.Height]).Order()];
        return p.Shape switch
        {
            "sphere" => p.Width <= 44.4,
            "disc" => p.Width <= 31.7 && p.Height <= 25.4,
            "rod" => (p.Width <= 31.7 && p.Length <= 25.4) || (p.Width <= 6 && p.Length <= 55),
            "box" => Math.Sqrt((sides[0] * sides[0]) + (sides[1] * sides[1])) <= 31.7 && sides[2] <= 25.4,
            _ => false,
        };
    }

    private static (double Length, double Loop)? CordOf(YamlMappingNode material) =>
        !material.Children.TryGetValue("cord", out var cord) ? null
        : cord is YamlMappingNode map ? (Number(map, "length"), Number(map, "loop"))
        : (double.PositiveInfinity, 0);

    private static Dictionary<string, YamlMappingNode> Load(string folder) =>
        Directory
            .EnumerateFiles(Path.Combine(Published.Root, "content", folder), "*.yaml")
            .ToDictionary(
                f => Path.GetFileNameWithoutExtension(f)!,
                f =>
                {
                    var yaml = new YamlStream();
                    using var text = File.OpenText(f);
                    yaml.Load(text);
                    return (YamlMappingNode)yaml.Documents[0].RootNode;
                }
            );

    private static string Text(YamlMappingNode node, string key) =>
        node.Children.TryGetValue(key, out var v) && v is YamlScalarNode s ? s.Value ?? "" : "";

    private static double Number(YamlMappingNode node, string key) =>
        double.TryParse(Text(node, key), CultureInfo.InvariantCulture, out var n) ? n : 0;

    private static string[] Words(YamlMappingNode node, string key) =>
        node.Children.TryGetValue(key, out var v) && v is YamlSequenceNode list
            ? [.. list.Cast<YamlScalarNode>().Select(s => s.Value!)]
            : [];

    private static IEnumerable<(string Key, double Value)> Numbers(YamlMappingNode node, string key) =>
        node.Children.TryGetValue(key, out var v) && v is YamlMappingNode map
            ? map.Children.Select(c =>
                (
                    ((YamlScalarNode)c.Key).Value!,
                    double.Parse(((YamlScalarNode)c.Value).Value!, CultureInfo.InvariantCulture)
                )
            )
            : [];
}
