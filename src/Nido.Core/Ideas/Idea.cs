using Nido.Core.Cupboard;

namespace Nido.Core.Ideas;

/// <summary>A technique with theme and materials, ready to place.</summary>
/// <param name="Id">Technique and leading material; the same for the same input.</param>
/// <param name="Technique">How it is done.</param>
/// <param name="Theme">What it is about.</param>
/// <param name="Title">Shown on the strip.</param>
/// <param name="Lead">The leading material, which tells ideas of one technique apart; null where a technique has no roles.</param>
/// <param name="Steps">Steps the cupboard can equip, lowest first; never empty.</param>
public sealed record Idea(
    string Id, Technique Technique, Theme Theme, string Title, Material? Lead, IReadOnlyList<IdeaStep> Steps)
{
    /// <summary>What it is done with though no role names it: what was made for it on a day before, of these materials.</summary>
    public IReadOnlyList<Material> MadeOf { get; init; } = [];

    /// <summary>The id of an idea: its technique, and after a dot its leading material where it has one.</summary>
    public static string IdOf(Technique technique, Material? lead) => lead is null ? technique.Id : $"{technique.Id}.{lead.Id}";

    /// <summary>The technique's id in an idea's id.</summary>
    public static string TechniqueOf(string ideaId) => ideaId.Split('.')[0];
}
