using System.Text;
using System.Text.RegularExpressions;
using Microsoft.CodeAnalysis;
using Microsoft.CodeAnalysis.CSharp;
using Microsoft.CodeAnalysis.CSharp.Syntax;
using Nido.Core;

namespace Nido.Web.Tests.Tongues;

/// <summary>What stands in the sources to be said to people: read by the compiler, not by its looks.</summary>
internal static partial class Sentences
{
    private static readonly string[] Usings =
    [
        "System",
        "System.Collections.Generic",
        "System.IO",
        "System.Linq",
        "System.Net.Http",
        "System.Net.Http.Json",
        "System.Threading",
        "System.Threading.Tasks",
        "Microsoft.AspNetCore.Builder",
        "Microsoft.AspNetCore.Hosting",
        "Microsoft.AspNetCore.Http",
        "Microsoft.AspNetCore.Routing",
        "Microsoft.Extensions.Configuration",
        "Microsoft.Extensions.DependencyInjection",
        "Microsoft.Extensions.Hosting",
        "Microsoft.Extensions.Logging",
    ];

    /// <summary>A sentence in the code.</summary>
    /// <param name="Key">English, with numbered places.</param>
    /// <param name="File">Where it stands, from src on.</param>
    public sealed record Sentence(string Key, string File);

    /// <summary>What a project says.</summary>
    /// <param name="Keys">Sentences that wait to be spoken in the reader's language.</param>
    /// <param name="Spoken">Words that are text already, so that no language can be chosen.</param>
    /// <param name="Silent">Texts of both languages put into a string, which takes the English one and says nothing of
    /// it.</param>
    public sealed record Found(
        IReadOnlyList<Sentence> Keys,
        IReadOnlyList<Sentence> Spoken,
        IReadOnlyList<Sentence> Silent
    );

    /// <summary>Reads a project of src.</summary>
    public static Found In(string root, string project)
    {
        var parse = CSharpParseOptions.Default.WithLanguageVersion(LanguageVersion.Preview);
        SyntaxTree[] trees =
        [
            .. Directory
                .EnumerateFiles(Path.Combine(root, "src", project), "*.cs", SearchOption.AllDirectories)
                .Where(f => !f.Contains("/obj/") && !f.Contains("/bin/") && !f.Contains("/Migrations/"))
                .Order(StringComparer.Ordinal)
                .Select(f => CSharpSyntaxTree.ParseText(File.ReadAllText(f), parse, Path.GetRelativePath(root, f))),
            CSharpSyntaxTree.ParseText(string.Concat(Usings.Select(u => $"global using {u};\n")), parse),
        ];
        var references = ((string)AppContext.GetData("TRUSTED_PLATFORM_ASSEMBLIES")!)
            .Split(Path.PathSeparator)
            .Where(f => Path.GetFileNameWithoutExtension(f) != project)
            .Select(f => MetadataReference.CreateFromFile(f));
        var compilation = CSharpCompilation.Create(
            "Read",
            trees,
            references,
            new(OutputKind.ConsoleApplication, nullableContextOptions: NullableContextOptions.Enable)
        );
        List<Sentence> keys = [],
            spoken = [],
            silent = [];
        foreach (var tree in trees)
        {
            var model = compilation.GetSemanticModel(tree);
            foreach (var node in tree.GetRoot().DescendantNodes())
            {
                if (IsSilent(node, model) && !IsForBuilders(node))
                {
                    silent.Add(new($"{node}", tree.FilePath));
                }

                if (IsPartOfMore(node))
                {
                    continue;
                }

                if (PartsOf(node) is { } said && IsSaid((ExpressionSyntax)node, model))
                {
                    keys.Add(new(KeyOf(said), tree.FilePath));
                }
                else if (TextOf(node) is { } text && IsWords(text) && !IsForBuilders(node))
                {
                    spoken.Add(new(text, tree.FilePath));
                }
            }
        }

        return new([.. keys.DistinctBy(k => k.Key)], spoken, silent);
    }

    /// <summary>Whether a sentence has words to be put into another language: signs, units and paths have
    /// none.</summary>
    public static bool HasWords(string key) =>
        key.Contains('|', StringComparison.Ordinal)
        || (
            key.Any(char.IsWhiteSpace) || !key.Contains('{', StringComparison.Ordinal)
                ? Word()
                    .Matches(Place().Replace(key, " "))
                    .Any(m => m.Value is not ("mm" or "mL" or "min" or "kg" or "cm" or "nido" or "MPa"))
                : false
        );

    /// <summary>A sentence, or the sentences added up that a long one is wrapped into; null for anything else.</summary>
    private static InterpolatedStringExpressionSyntax[]? PartsOf(SyntaxNode node) =>
        node switch
        {
            InterpolatedStringExpressionSyntax one => [one],
            BinaryExpressionSyntax { RawKind: (int)SyntaxKind.AddExpression } sum
                when PartsOf(sum.Left) is { } left && PartsOf(sum.Right) is { } right => [.. left, .. right],
            _ => null,
        };

    private static bool IsPartOfMore(SyntaxNode node) =>
        node.Parent is BinaryExpressionSyntax sum && PartsOf(sum) is not null;

    private static bool IsSaid(ExpressionSyntax said, SemanticModel model) =>
        model.GetTypeInfo(said).ConvertedType?.Name == nameof(Said)
        || (said.Parent is ParenthesizedExpressionSyntax around ? around : said).Parent
            is CastExpressionSyntax { Type: IdentifierNameSyntax { Identifier.Text: nameof(Said) } };

    /// <summary>A place of a string, or a list joined to one, that takes what would have to be spoken.</summary>
    private static bool IsSilent(SyntaxNode node, SemanticModel model) =>
        node switch
        {
            InterpolationSyntax { Expression: var value, Parent: InterpolatedStringExpressionSyntax text } =>
                IsToBeSpoken(model.GetTypeInfo(value).Type) && !IsSaid(Whole(text), model),
            InvocationExpressionSyntax call when $"{call.Expression}" == "string.Join" =>
                call.ArgumentList.Arguments.Any(a =>
                    model.GetTypeInfo(a.Expression).Type is INamedTypeSymbol { TypeArguments: [.., var of] }
                    && IsToBeSpoken(of)
                ),
            _ => false,
        };

    private static bool IsToBeSpoken(ITypeSymbol? type) => type?.Name is nameof(Said) or nameof(InBoth);

    /// <summary>The sentence a wrapped part belongs to.</summary>
    private static ExpressionSyntax Whole(ExpressionSyntax part) =>
        part.Parent is BinaryExpressionSyntax sum ? Whole(sum) : part;

    private static string KeyOf(params InterpolatedStringExpressionSyntax[] said)
    {
        var key = new StringBuilder();
        var places = 0;
        foreach (var part in said.SelectMany(s => s.Contents))
        {
            key.Append(
                part switch
                {
                    InterpolatedStringTextSyntax text => text.TextToken.ValueText,
                    InterpolationSyntax { FormatClause: { } format } =>
                        $"{{{places++}:{format.FormatStringToken.ValueText}}}",
                    _ => $"{{{places++}}}",
                }
            );
        }

        return key.ToString();
    }

    private static string? TextOf(SyntaxNode node) =>
        node switch
        {
            _ when PartsOf(node) is { } parts => KeyOf(parts),
            LiteralExpressionSyntax { Token.Value: string text }
                when node.Parent
                    is not ArgumentSyntax { Parent.Parent: InvocationExpressionSyntax { Expression: var call } }
                    || call.ToString() != "Said.Word" => text,
            _ => null,
        };

    // Three words in a row are a sentence, or the beginning of one.
    private static bool IsWords(string text) => ThreeWords().IsMatch(Place().Replace(text, "1"));

    // Misuse is told to those who build: exceptions, attributes, descriptions of the API. What a form starts with is
    // typed over.
    private static bool IsForBuilders(SyntaxNode node) =>
        node.Ancestors()
            .Any(a =>
                a is AttributeSyntax or ThrowStatementSyntax or ThrowExpressionSyntax
                || a is PropertyDeclarationSyntax { Identifier.Text: "Offer" }
                || a
                    is InvocationExpressionSyntax
                    {
                        Expression: MemberAccessExpressionSyntax { Name.Identifier.Text: "WithDescription" }
                    }
            );

    [GeneratedRegex(@"\{\d+[^}]*\}")]
    private static partial Regex Place();

    [GeneratedRegex(@"\p{L}{2,}")]
    private static partial Regex Word();

    [GeneratedRegex(@"\p{L}+[,:;]? \p{L}+[,:;]? \p{L}{2,}")]
    private static partial Regex ThreeWords();
}
