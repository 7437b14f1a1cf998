using System.Text.Json;
using Nido.Core.Ideas;
using Nido.Data.Rows;

namespace Nido.Data.Formats;

/// <summary>What is one's own in a file of its own, as YAML: kept beside the house, mended by hand, given to another
/// house.</summary>
/// <param name="Format">"nido-own".</param>
/// <param name="FormatVersion">1.</param>
public sealed record OwnDocument(string Format, int FormatVersion)
{
    /// <summary>What it is called.</summary>
    public const string Name = "nido-own";

    /// <summary>Materials and ways of working.</summary>
    public IReadOnlyList<OwnRow> Own { get; init; } = [];

    /// <summary>Themes.</summary>
    public IReadOnlyList<ThemeDraft> Themes { get; init; } = [];

    /// <summary>The published JSON Schema of what the YAML says, made from the types so that it cannot drift from
    /// them.</summary>
    public static string Schema { get; } = UnitSchema.Of<OwnDocument>("Nido own");

    /// <summary>What is written for a way of working, a material or a theme.</summary>
    public string Yaml() => YamlText.Write(JsonSerializer.SerializeToNode(this, Units.Json)!);
}
