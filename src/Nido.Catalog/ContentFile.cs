using System.Globalization;
using Nido.Core;
using YamlDotNet.Core;
using YamlDotNet.RepresentationModel;

namespace Nido.Catalog;

/// <summary>
/// A mapping of a content file, read key by key. Notes what is missing, of the wrong kind or unknown with its line,
/// and goes on, so that one look shows every problem of a file.
/// </summary>
internal sealed class ContentFile
{
    private readonly string file;
    private readonly YamlMappingNode node;
    private readonly List<ContentProblem> problems;
    private readonly HashSet<string> known = [];

    private ContentFile(string file, YamlMappingNode node, List<ContentProblem> problems)
    {
        this.file = file;
        this.node = node;
        this.problems = problems;
    }

    /// <summary>Opens a file; null where it is not one mapping of YAML.</summary>
    public static ContentFile? Open(string root, string path, List<ContentProblem> problems)
    {
        var name = Path.GetRelativePath(root, path);
        try
        {
            var yaml = new YamlStream();
            using var text = File.OpenText(path);
            yaml.Load(text);
            if (yaml.Documents.Count == 1 && yaml.Documents[0].RootNode is YamlMappingNode mapping)
            {
                return new ContentFile(name, mapping, problems);
            }

            problems.Add(new(name, 1, "one thing a file is wanted: lines of `key: value`"));
        }
        catch (YamlException e)
        {
            problems.Add(new(name, (int)e.Start.Line, e.InnerException?.Message ?? e.Message));
        }
        catch (InvalidOperationException)
        {
            // The parser gives up this way on a list or mapping that is never closed.
            problems.Add(new(name, 1, "a bracket or a brace is opened and never closed"));
        }

        return null;
    }

    public bool Has(string key) => node.Children.ContainsKey(new YamlScalarNode(key));

    /// <summary>Whether the key holds a plain word, not a list or a mapping.</summary>
    public bool IsText(string key) =>
        node.Children.TryGetValue(new YamlScalarNode(key), out var value) && value is YamlScalarNode;

    public void Refuse(string key, string reason) => problems.Add(new(file, LineOf(key), reason));

    public string Text(string key, string? otherwise = null)
    {
        if (Value(key) is YamlScalarNode { Value: { Length: > 0 } text })
        {
            return text.Trim();
        }

        if (otherwise is null)
        {
            Refuse(key, $"`{key}` is missing or empty");
        }

        return otherwise ?? "";
    }

    /// <summary>A text with the blanks it begins and ends with.</summary>
    public string Verbatim(string key)
    {
        if (Value(key) is YamlScalarNode { Value: { Length: > 0 } text })
        {
            return text;
        }

        Refuse(key, $"`{key}` is missing or empty");
        return "";
    }

    /// <summary>A text in both languages: `{en: …, es: …}`.</summary>
    public InBoth Both(string key)
    {
        if (Has(key) && IsText(key))
        {
            Refuse(key, $"`{key}` stands in one language only; wanted is `{{en: …, es: …}}`");
        }

        return IsText(key) ? InBoth.Same(Text(key)) : Map(key, needed: true).Pair();
    }

    private InBoth Pair()
    {
        var both = new InBoth(Text("en"), Text("es"));
        NothingElse();
        return both;
    }

    /// <summary>A list of texts in both languages.</summary>
    public IReadOnlyList<InBoth> Boths(string key, int least = 0)
    {
        InBoth[] list = [.. Maps(key).Select(p => p.Pair())];
        if (list.Length < least)
        {
            Refuse(key, $"`{key}` needs at least {least}");
        }

        return list;
    }

    public double? Number(string key)
    {
        if (Value(key) is not YamlScalarNode scalar)
        {
            return null;
        }

        if (
            double.TryParse(scalar.Value, NumberStyles.Float, CultureInfo.InvariantCulture, out var number)
            && number >= 0
        )
        {
            return number;
        }

        Refuse(key, $"`{key}: {scalar.Value}` is not a number of 0 or more");
        return null;
    }

    public int Whole(string key, int least, int most, int? otherwise = null)
    {
        var number = Number(key);
        if (number is { } n && n >= least && n <= most && n == Math.Floor(n))
        {
            return (int)n;
        }

        if (number is not null || otherwise is null)
        {
            Refuse(key, $"`{key}` must be a whole number from {least} to {most}");
        }

        return otherwise ?? least;
    }

    public bool Flag(string key) => Choice(key, ["true", "false"], "false") == "true";

    public string Choice(string key, IReadOnlyCollection<string> allowed, string? otherwise = null)
    {
        var text = Text(key, otherwise);
        if (!allowed.Contains(text) && (otherwise is not null || text.Length > 0))
        {
            Refuse(key, $"`{key}: {text}` is not one of {string.Join(", ", allowed)}");
        }

        return allowed.Contains(text) ? text : allowed.First();
    }

    public T Choice<T>(string key, T? otherwise = null)
        where T : struct, Enum
    {
        var names = Enum.GetValues<T>().ToDictionary(v => Kebab($"{v}"));
        return names[Choice(key, names.Keys, otherwise is { } o ? Kebab($"{o}") : null)];
    }

    public IReadOnlyList<string> Texts(string key, IReadOnlySet<string>? allowed = null, int least = 0)
    {
        var list = Value(key) switch
        {
            null => [],
            YamlSequenceNode sequence => sequence
                .Children.OfType<YamlScalarNode>()
                .Select(s => (s.Value ?? "").Trim())
                .ToArray(),
            _ => Refused<string[]>(key, $"`{key}` must be a list", []),
        };
        if (list.Length < least)
        {
            Refuse(key, $"`{key}` needs at least {least}");
        }

        foreach (var unknown in list.Where(t => allowed is not null && !allowed.Contains(t)))
        {
            Refuse(
                key,
                $"`{unknown}` in `{key}` is not known; known are {string.Join(", ", allowed!.Order(StringComparer.Ordinal))}"
            );
        }

        return [.. list.Where(t => allowed is null || allowed.Contains(t))];
    }

    public IReadOnlyList<T> Choices<T>(string key)
        where T : struct, Enum
    {
        var names = Enum.GetValues<T>().ToDictionary(v => Kebab($"{v}"));
        return [.. Texts(key, names.Keys.ToHashSet()).Select(t => names[t])];
    }

    /// <summary>A mapping below this one; an empty one where the key is missing.</summary>
    public ContentFile Map(string key, bool needed = false)
    {
        if (Value(key) is YamlMappingNode map)
        {
            return new ContentFile(file, map, problems);
        }

        if (needed || Has(key))
        {
            Refuse(key, $"`{key}` must be a mapping");
        }

        return new ContentFile(file, new YamlMappingNode(), problems);
    }

    public IReadOnlyList<ContentFile> Maps(string key) =>
        Value(key) switch
        {
            null => [],
            YamlSequenceNode sequence when sequence.Children.All(c => c is YamlMappingNode) =>
            [
                .. sequence.Children.Select(c => new ContentFile(file, (YamlMappingNode)c, problems)),
            ],
            _ => Refused<ContentFile[]>(key, $"`{key}` must be a list of mappings", []),
        };

    /// <summary>Every key of this mapping, all of them accepted.</summary>
    public IReadOnlyList<string> Keys()
    {
        string[] keys = [.. node.Children.Keys.OfType<YamlScalarNode>().Select(k => k.Value ?? "")];
        known.UnionWith(keys);
        return keys;
    }

    /// <summary>Notes every key that nobody asked for: most often a spelling mistake.</summary>
    public void NothingElse()
    {
        foreach (var key in node.Children.Keys.OfType<YamlScalarNode>().Where(k => !known.Contains(k.Value ?? "")))
        {
            problems.Add(
                new(file, (int)key.Start.Line, $"`{key.Value}` is not known here; known are {string.Join(", ", known)}")
            );
        }
    }

    public static string Kebab(string name) =>
        string.Concat(
            name.Select(
                (c, i) => char.IsUpper(c) && i > 0 ? $"-{char.ToLowerInvariant(c)}" : $"{char.ToLowerInvariant(c)}"
            )
        );

    private YamlNode? Value(string key)
    {
        known.Add(key);
        return node.Children.TryGetValue(new YamlScalarNode(key), out var value) ? value : null;
    }

    private int LineOf(string key)
    {
        var at = node.Children.Keys.FirstOrDefault(k => k is YamlScalarNode s && s.Value == key) ?? node;
        return Math.Max(1, (int)at.Start.Line);
    }

    private T Refused<T>(string key, string reason, T otherwise)
    {
        Refuse(key, reason);
        return otherwise;
    }
}
