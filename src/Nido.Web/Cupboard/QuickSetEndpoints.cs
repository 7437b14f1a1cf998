using Microsoft.AspNetCore.Http.HttpResults;
using Nido.Catalog;
using Nido.Core;
using Nido.Data;
using Nido.Data.Formats;
using Nido.Web.Common;

namespace Nido.Web.Cupboard;

/// <summary>What places of a kind usually have, to begin counting with.</summary>
public static class QuickSetEndpoints
{
    private const int MostChildren = 200;

    /// <summary>Adds the endpoint.</summary>
    public static void MapQuickSets(this RouteGroupBuilder api) =>
        api.MapGet("/quick-sets", List).WithName("listQuickSets").WithTags("Cupboard");

    private static async Task<Results<Ok<QuickSetView[]>, ProblemHttpResult>> List(
        int? children,
        Content content,
        NidoDb db,
        CancellationToken stop
    )
    {
        if (children is < 0 or > MostChildren)
        {
            return Problems.Field("children", $"{children}", $"A number from 0 to {MostChildren} is wanted.");
        }

        var onHand = await db.OnHandAsync(stop);
        return TypedResults.Ok(
            content
                .Sets.Select(s => new QuickSetView(
                    s.Id,
                    s.Name,
                    s.About,
                    [
                        .. s.For(children ?? 0)
                            .Select(x => (x.Part, Material: content.Material(x.MaterialId)!, x.Amount))
                            .Select(x => new QuickThing(
                                x.Part,
                                x.Material.Id,
                                x.Material.Name,
                                Said.Word(x.Material.Shelf),
                                x.Amount,
                                CupboardCsv.UnitName(x.Material.Unit),
                                onHand.GetValueOrDefault(x.Material.Id)
                            )),
                    ]
                ))
                .ToArray()
        );
    }
}

/// <summary>A quick set.</summary>
/// <param name="Id">Which.</param>
/// <param name="Name">Whose.</param>
/// <param name="About">What is in it, in a line.</param>
/// <param name="Things">What it has, for the children asked about.</param>
public sealed record QuickSetView(string Id, Said Name, Said About, IReadOnlyList<QuickThing> Things);

/// <summary>A thing of a quick set.</summary>
/// <param name="Part">always, paint, dough or outdoors.</param>
/// <param name="MaterialId">The material.</param>
/// <param name="Name">Its name.</param>
/// <param name="Shelf">Its usual shelf.</param>
/// <param name="Amount">How much there usually is.</param>
/// <param name="Unit">In what.</param>
/// <param name="Have">How much is on hand already.</param>
public sealed record QuickThing(
    string Part,
    string MaterialId,
    Said Name,
    Said Shelf,
    double Amount,
    string Unit,
    double Have
);
