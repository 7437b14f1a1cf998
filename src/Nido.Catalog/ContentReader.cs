using Nido.Core;
using Nido.Core.Cupboard;
using Nido.Core.Ideas;
using Nido.Core.Journal;

namespace Nido.Catalog;

/// <summary>Reads the content folder into the types of Core and says everything that is wrong with it.</summary>
public static class ContentReader
{
    /// <summary>Reads a folder; the content is only to be used when there are no problems.</summary>
    public static (Content Content, IReadOnlyList<ContentProblem> Problems) Read(string folder)
    {
        var problems = new List<ContentProblem>();
        var book = AllergenReader.Together(Each(folder, "allergens", problems, AllergenReader.Read), problems);
        var ladders = Each(folder, "ladders", problems, LadderReader.Read);
        var tables = Each(folder, "goes-with", problems, PairReader.Table);
        var materials = Each(folder, "materials", problems, f => MaterialReader.Read(f, tables, book));
        var rules = Each(folder, "safety", problems, f => SafetyReader.Read(f, book));
        var questions = Each(folder, "questions", problems, f => QuestionReader.Read(f, book));
        var themes = Each(folder, "themes", problems, ThemeReader.Read);
        var differences = Each(folder, "differences", problems, DifferenceReader.Read);
        var tongues = Each(folder, "tongues", problems, TongueReader.Read);
        var byId = ladders.ToDictionary(l => l.Id);
        LadderReader.NeedsStandOnLadders(byId, differences, problems);
        Sign[] signs = [.. Each(folder, "signs", problems, SignReader.Signs).SelectMany(s => s)];
        Grip[] grips = [.. Each(folder, "grips", problems, SignReader.Grips).SelectMany(g => g)];
        SignReader.StandOnLadders(byId, signs, grips, problems);
        var known = materials.Select(m => m.Id).ToHashSet();
        var makeFrom = Each(folder, "make-from", problems, f => MakeFromReader.Read(f, known));
        MakeFromReader.NoCircle(makeFrom, problems);
        var sets = Each(folder, "sets", problems, f => SetReader.Read(f, known));
        var recipes = Each(folder, "recipes", problems, f => RecipeReader.Read(f, materials, book));
        var homes = Each(folder, "home", problems, f => HomeReader.Read(f, materials));
        HomeThing[] homeThings = [.. homes.SelectMany(h => h.Things)];
        var techniques = Each(folder, "techniques", problems, f => TechniqueReader.Read(f, byId, homeThings));
        Contradictions.Between(materials, recipes, makeFrom, problems);
        TongueReader.SayEvery(
            tongues,
            [
                .. techniques.SelectMany(t => t.Roles.Select(r => ($"techniques/{t.Id}.yaml", r.Name))),
                .. materials.SelectMany(m => m.Colours.Prepend(m.Shelf).Select(w => ($"materials/{m.Id}.yaml", w))),
            ],
            problems
        );
        signs = [.. signs, .. techniques.SelectMany(t => t.Signs)];
        problems.AddRange(
            techniques
                .Where(t => t.MadeBy is { } by && (by == t.Id || techniques.All(x => x.Id != by)))
                .Select(t => new ContentProblem(
                    $"techniques/{t.Id}.yaml",
                    1,
                    $"`made-by: {t.MadeBy}` is not another technique"
                ))
        );
        return (
            new Content(
                byId,
                [
                    .. materials
                        .OrderBy(m => m.Shelf, StringComparer.Ordinal)
                        .ThenBy(m => m.Name.En, StringComparer.Ordinal),
                ],
                techniques,
                [.. themes.OrderBy(t => t.Name.En, StringComparer.Ordinal)],
                [.. rules.OrderBy(r => r.Severity).ThenBy(r => r.Id, StringComparer.Ordinal)],
                [
                    .. recipes
                        .OrderBy(r => r.Family, StringComparer.Ordinal)
                        .ThenBy(r => r.Name.En, StringComparer.Ordinal),
                ],
                new MakeChains(makeFrom),
                new GoesWith(tables.ToDictionary(t => t.Id))
            )
            {
                Differences = [.. differences.OrderBy(d => d.Order)],
                Allergens = book,
                Questions = [.. questions.OrderBy(q => q.Order)],
                MakeFrom = makeFrom,
                Sets = sets,
                HomeKinds = [.. homes.SelectMany(h => h.Kinds)],
                Tongues = tongues,
                Signs = signs.ToLookup(s => s.Ladder),
                Grips = grips.ToLookup(g => g.Ladder),
            },
            problems
        );
    }

    private static List<T> Each<T>(string root, string kind, List<ContentProblem> problems, Func<ContentFile, T> make)
    {
        var folder = Path.Combine(root, kind);
        if (!Directory.Exists(folder))
        {
            problems.Add(new(kind, 1, "the folder is missing"));
            return [];
        }

        // Files do not know of each other: they are read side by side, and told of in their order.
        var read = Directory
            .EnumerateFiles(folder, "*.yaml")
            .Order(StringComparer.Ordinal)
            .AsParallel()
            .AsOrdered()
            .Select(path => One(root, path, make))
            .ToArray();
        problems.AddRange(read.SelectMany(r => r.Problems));
        return [.. read.SelectMany(r => r.Things)];
    }

    private static (T[] Things, List<ContentProblem> Problems) One<T>(
        string root,
        string path,
        Func<ContentFile, T> make
    )
    {
        var problems = new List<ContentProblem>();
        if (ContentFile.Open(root, path, problems) is not { } file)
        {
            return ([], problems);
        }

        if (file.Text("id") is { Length: > 0 } id && id != Path.GetFileNameWithoutExtension(path))
        {
            file.Refuse("id", $"`id: {id}` must be the file's name, {Path.GetFileNameWithoutExtension(path)}");
        }

        var thing = make(file);
        file.NothingElse();
        return ([thing], problems);
    }

    internal static Strand StrandOf(ContentFile f, string key, string id)
    {
        if (Strand.Find(id) is { } strand)
        {
            return strand;
        }

        f.Refuse(key, $"strand `{id}` is not known; known are {string.Join(", ", Strand.All.Select(s => s.Id))}");
        return Strand.All[0];
    }
}
