using Nido.Core.Cupboard;
using Nido.Core.Group;

namespace Nido.Core.Ideas;

/// <summary>A technique with theme and materials, ready to place.</summary>
/// <param name="Id">Technique and leading material; the same for the same input.</param>
/// <param name="Technique">How it is done.</param>
/// <param name="Theme">What it is about.</param>
/// <param name="Title">Shown on the strip.</param>
/// <param name="Lead">The leading material, which tells ideas of one technique apart; null where a technique has no
/// roles.</param>
/// <param name="Steps">Steps the cupboard can equip, lowest first; never empty.</param>
public sealed record Idea(
    string Id,
    Technique Technique,
    Theme Theme,
    InBoth Title,
    Material? Lead,
    IReadOnlyList<IdeaStep> Steps
)
{
    /// <summary>What it is done with though no role names it: what was made for it on a day before, of these
    /// materials.</summary>
    public IReadOnlyList<Material> MadeOf { get; init; } = [];

    /// <summary>Planned with the minutes its way of working takes in a group.</summary>
    /// <param name="learned">By the id of a way of working.</param>
    public Idea Taking(IReadOnlyDictionary<string, int> learned)
    {
        ArgumentNullException.ThrowIfNull(learned);
        return learned.TryGetValue(Technique.Id, out var minutes)
            ? this with
            {
                Technique = Technique.Taking(minutes),
            }
            : this;
    }

    /// <summary>The tag of a material that goes through a printer.</summary>
    public const string Printable = "printable";

    /// <summary>Its preparation: printed where the group has a printer and what it is printed on goes through
    /// one.</summary>
    public IEnumerable<PrepNeed> PrepIn(GroupSettings settings)
    {
        ArgumentNullException.ThrowIfNull(settings);
        return Technique.Prep.Select(p => settings.HasPrinter && Sheets.Any() ? p.Printed() : p);
    }

    /// <summary>Sheets of its technique that can be printed: on its own, or on a material that goes through a
    /// printer.</summary>
    public IEnumerable<PaperNeed> Sheets =>
        Technique.Paper.Where(p =>
            p.On is null
            || Steps.Any(s =>
                s.Number >= p.FromStep
                && s.Number <= p.ToStep
                && s.Bindings.TryGetValue(p.On, out var on)
                && on.Material.Tags.Contains(Printable)
            )
        );

    /// <summary>The id of an idea: its technique, and after a dot its leading material where it has one.</summary>
    public static string IdOf(Technique technique, Material? lead) =>
        lead is null ? technique.Id : $"{technique.Id}.{lead.Id}";

    /// <summary>The technique's id in an idea's id.</summary>
    public static string TechniqueOf(string ideaId) => ideaId.Split('.')[0];
}
