namespace Nido.Core.Words;

/// <summary>How well a word goes with the letter of the week.</summary>
public enum LetterFit
{
    /// <summary>It begins with the letter and its usual sound: gate for g.</summary>
    Clear,

    /// <summary>It begins with a blend or a digraph: ship, chair, string. The letter is there, its sound is not
    /// alone.</summary>
    BlendOrDigraph,

    /// <summary>It begins with the letter and says another sound: giraffe for g.</summary>
    OtherSound,

    /// <summary>It begins with the letter and does not say it: knight for k.</summary>
    Hidden,

    /// <summary>It begins with the sound and another letter: city for s.</summary>
    OtherLetter,

    /// <summary>Neither letter nor sound stands at its beginning.</summary>
    NotThis,

    /// <summary>How it is said is not known: an adult decides.</summary>
    Unknown,
}
