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
        }

        db.Weeks.AddRange(was.WeekRows);
        db.Observations.AddRange(was.Observations);
        db.Notes.AddRange(was.Notes);
        db.Tallies.AddRange(was.Tallies);
        db.Went.AddRange(was.Went);
        db.FollowUps.AddRange(was.FollowUps);
        db.Pictures.AddRange(was.Pictures);
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
}
