using Nido.Core;
using Nido.Data.Formats;

namespace Nido.Web.Tests.Tongues;

/// <summary>What a week remembers of its changes is spoken anew each time, and a text from elsewhere stays a
/// text.</summary>
public class KeptSaidTests
{
    private static readonly Tongue Spanish = Tongue.Spanish(
        new Dictionary<string, string>
        {
            ["Put in {0}"] = "Poner {0}",
            ["Move an idea"] = "Mover una idea",
            ["No longer: {0}"] = "Ya no: {0}",
            ["{0} away, {1}"] = "{0} no está, {1}",
            ["Monday"] = "lunes",
        }
    );

    [Fact]
    public void A_sentence_comes_back_with_its_values_in_any_language()
    {
        Said away = $"{"Tavi"} away, {DayOfWeek.Monday}";
        Said over = $"No longer: {away}";
        var back = KeptSaid.Read(KeptSaid.Write(over));
        back.ToString().ShouldBe("No longer: Tavi away, Monday");
        Spanish.Speak(back).ShouldBe("Ya no: Tavi no está, lunes");
        Spanish
            .Speak(KeptSaid.Read(KeptSaid.Write($"Put in {"Leaf “rubbing” {x}"}")))
            .ShouldBe("Poner Leaf “rubbing” {x}");
        Spanish.Speak(KeptSaid.Read("Move an idea")).ShouldBe("Mover una idea");
    }

    [Theory]
    [InlineData("""{"say":""")]
    [InlineData("""{"say":"{0}","with":[[1]]}""")]
    [InlineData("""{"say":"{0:Z}","with":[1]}""")]
    [InlineData("""{"say":"{99999999999}{x}{0","with":["a"]}""")]
    [InlineData("""{"say":5}""")]
    [InlineData("plain {0} text")]
    public void A_text_from_elsewhere_stays_a_text_and_a_broken_one_breaks_nothing(string text)
    {
        KeptSaid.Read(KeptSaid.WriteText(text)).ToString().ShouldBe(text);
        Should.NotThrow(() => Spanish.Speak(KeptSaid.Read(text)));
    }
}
