using System.Reflection;
using Nido.Core.Allergens;

namespace Nido.Core.Making;

/// <summary>What some calculators look things up in.</summary>
/// <param name="Recipes">Recipes that can be named.</param>
/// <param name="Allergens">The vocabulary of allergens.</param>
public sealed record Known(IReadOnlyList<Recipe> Recipes, AllergenBook Allergens)
{
    /// <summary>Nothing to look up.</summary>
    public static Known Nothing { get; } = new([], AllergenBook.Empty);
}

/// <summary>Takes calculators with their types, whoever wants to offer them.</summary>
public interface ITakesCalculators
{
    /// <summary>One of them.</summary>
    void Take<TAsk, TAnswer>(Calculator<TAsk, TAnswer> calculator);
}

/// <summary>A calculator as it is offered: its name, its fields, what stands above the drawing. The property `Offer`
/// of the calculation says it; <see cref="All"/> finds them, so that adding one is adding its file.</summary>
/// <param name="name">Kebab case, as it stands in the address.</param>
/// <param name="order">Place among the others: count, cut, build, write, pour, play.</param>
/// <param name="figures">Figures of the answer that stand above the drawing.</param>
public abstract class Calculator(string name, int order, IReadOnlyList<string> figures)
{
    /// <summary>Kebab case, as it stands in the address.</summary>
    public string Name => name;

    /// <summary>Figures of the answer that stand above the drawing.</summary>
    public IReadOnlyList<string> Figures => figures;

    /// <summary>Its fields, in the order of the form; empty where it is asked by programs only.</summary>
    public IReadOnlyList<AskField> Fields { get; init; } = [];

    /// <summary>Every calculator of an assembly, in their order.</summary>
    public static IReadOnlyList<Calculator> All { get; } =
    [
        .. typeof(Calculator)
            .Assembly.GetTypes()
            .SelectMany(t => t.GetProperties(BindingFlags.Public | BindingFlags.Static))
            .Where(p => p.PropertyType.IsSubclassOf(typeof(Calculator)))
            .Select(p => (Calculator)p.GetValue(null)!)
            .OrderBy(c => c.Order)
            .ThenBy(c => c.Name, StringComparer.Ordinal),
    ];

    /// <summary>Type of what is asked.</summary>
    public abstract Type Asks { get; }

    private int Order => order;

    /// <summary>Hands itself over with its types.</summary>
    public abstract void HandTo(ITakesCalculators taker);
}

/// <inheritdoc />
/// <param name="name">Kebab case, as it stands in the address.</param>
/// <param name="order">Place among the others.</param>
/// <param name="make">The calculation.</param>
/// <param name="figures">Figures of the answer that stand above the drawing.</param>
public sealed class Calculator<TAsk, TAnswer>(
    string name,
    int order,
    Func<TAsk, Known, TAnswer> make,
    params IReadOnlyList<string> figures
) : Calculator(name, order, figures)
{
    /// <summary>A calculation that looks nothing up.</summary>
    public Calculator(string name, int order, Func<TAsk, TAnswer> make, params IReadOnlyList<string> figures)
        : this(name, order, (ask, _) => make(ask), figures) { }

    /// <inheritdoc />
    public override Type Asks => typeof(TAsk);

    /// <summary>Works it out.</summary>
    public TAnswer Make(TAsk ask, Known known) => make(ask, known);

    /// <inheritdoc />
    public override void HandTo(ITakesCalculators taker)
    {
        ArgumentNullException.ThrowIfNull(taker);
        taker.Take(this);
    }
}
