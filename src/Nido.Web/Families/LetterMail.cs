using System.Globalization;
using MimeKit;
using MimeKit.Utils;
using Nido.Core.Paper.Adults;

namespace Nido.Web.Families;

/// <summary>A letter as mail: the same in plain text and as a page, its pictures within.</summary>
internal static class LetterMail
{
    /// <summary>The message, marked as not sent yet.</summary>
    /// <param name="letter">What it says.</param>
    /// <param name="language">Two letters.</param>
    /// <param name="house">Name of the house.</param>
    /// <param name="from">Its address; empty where the mail program puts its own.</param>
    /// <param name="to">Address of the family.</param>
    /// <param name="pictures">JPEG files by number.</param>
    public static MimeMessage Of(
        FamilyLetter letter,
        string language,
        string house,
        string from,
        string to,
        IReadOnlyDictionary<long, byte[]> pictures
    )
    {
        var body = new BodyBuilder { TextBody = letter.AsText() };
        var places = new Dictionary<long, string>();
        foreach (var (id, jpeg) in pictures)
        {
            // The name of a picture is its number.
            var part = body.LinkedResources.Add(
                string.Create(CultureInfo.InvariantCulture, $"{id}.jpg"),
                jpeg,
                new ContentType("image", "jpeg")
            );
            part.ContentId = MimeUtils.GenerateMessageId("nido.invalid");
            places[id] = part.ContentId;
        }

        body.HtmlBody = letter.AsHtml(language, id => places.TryGetValue(id, out var at) ? $"cid:{at}" : "");
        var message = new MimeMessage { Subject = letter.Title, Body = body.ToMessageBody() };
        message.MessageId = MimeUtils.GenerateMessageId("nido.invalid");
        if (from.Length > 0)
        {
            message.From.Add(new MailboxAddress(house, from));
        }

        message.To.Add(MailboxAddress.Parse(to));
        message.Headers.Add("X-Unsent", "1");
        message.Body.Headers.Add(HeaderId.ContentLanguage, language);
        return message;
    }
}
