using Microsoft.EntityFrameworkCore;
using Nido.Catalog;
using Nido.Core.Group;
using Nido.Data;
using Nido.Data.Demo;
using Nido.Data.Rows;
using Nido.Sheets;
using Nido.Web.Common;

namespace Nido.Web.House;

/// <summary>Lays out the invented house: its groups, its cupboard, its week, and its past.</summary>
public static class Example
{
    /// <summary>What families of the invented house allow of pictures, in the order of its children, again and
    /// again.</summary>
    private static readonly PictureConsent[] Consents =
    [
        PictureConsent.FileOnly,
        PictureConsent.OwnFamily,
        PictureConsent.AllFamilies,
        PictureConsent.None,
    ];

    /// <summary>Who came on the last Saturdays, by band, oldest Saturday first.</summary>
    private static readonly int[][] Saturdays =
    [
        [4, 9, 5, 2],
        [7, 11, 6, 4],
        [5, 6, 3, 1],
        [9, 12, 8, 5],
        [3, 7, 6, 2],
    ];

    /// <summary>Lays it out in an empty house.</summary>
    /// <param name="db">The site.</param>
    /// <param name="content">The catalogue.</param>
    /// <param name="past">With what has been, or only what is to come.</param>
    /// <param name="stop">Gives up.</param>
    public static async Task LayAsync(NidoDb db, Content content, bool past, CancellationToken stop)
    {
        ArgumentNullException.ThrowIfNull(db);
        await Site.SeedDemoAsync(db, NewId.Next, stop);
        if (!past)
        {
            return;
        }

        var row = await db.Groups.Where(g => g.Kind == GroupKind.Class).Select(g => g.Id).SingleAsync(stop);
        var was = DemoPast.Of(content, await db.TheGroupAsync(row, stop), NewId.Next);
        var children = await db.Children.Where(c => c.GroupId == row).OrderBy(c => c.Name).ToListAsync(stop);
        for (var k = 0; k < children.Count; k++)
        {
            children[k].Pictures = Consents[k % Consents.Length];
            // Two of three families read mail; one in five told what it has at home.
            children[k].AtHome = new(
                k % 3 == 2 ? "" : $"family-{k + 1}@quill-street.example",
                k % 5 == 1 ? ["socks", "cups", "spoons", "bowls", "water", "lids", "cloths", "dry-food"] : null,
                null
            );
        }

        db.Weeks.AddRange(was.WeekRows);
        db.Observations.AddRange(was.Observations);
        db.Notes.AddRange(was.Notes);
        db.Tallies.AddRange(was.Tallies);
        db.Went.AddRange(was.Went);
        db.FollowUps.AddRange(was.FollowUps);
        db.Pictures.AddRange(was.Pictures);
        await CountSaturdaysAsync(db, stop);
        await db.SaveChangesAsync(stop);
        foreach (var picture in was.Pictures)
        {
            var file = PictureFile.Read(ChildsDrawing.Of((ulong)picture.Id)).Picture!;
            (picture.Width, picture.Height) = (file.Width, file.Height);
            db.PictureFiles.AddRange(
                new PictureFileRow { PictureId = picture.Id, Bytes = file.Full },
                new PictureFileRow
                {
                    PictureId = picture.Id,
                    Small = true,
                    Bytes = file.Small,
                }
            );
        }

        await db.SaveChangesAsync(stop);
    }

    private static async Task CountSaturdaysAsync(NidoDb db, CancellationToken stop)
    {
        var group = await db.Groups.Where(g => g.Kind == GroupKind.DropIn).SingleAsync(stop);
        // What a kit costs in paper and paste, and what a child without one would be worth to the librarian.
        group.Settings = group.Settings with
        {
            KitTooManyCents = 40,
            KitTooFewCents = 200,
        };
        for (var k = 0; k < Saturdays.Length; k++)
        {
            // The Saturdays before the week that is shown.
            var on = DemoScenario.Monday.AddDays(-2 - (7 * (Saturdays.Length - k)));
            db.DoorCounts.AddRange(
                group.Expected.Select(
                    (band, b) =>
                        new DoorCountRow
                        {
                            GroupId = group.Id,
                            On = on,
                            FromMonths = band.FromMonths,
                            Children = Saturdays[k][b],
                        }
                )
            );
        }
    }
}
