namespace Nido.Core.Safety.Conditions;

/// <summary>Something a rule asks of a thing.</summary>
public abstract record ThingCondition
{
    /// <summary>Whether the answer hangs on the child.</summary>
    public virtual bool IsOfEachChild => false;

    /// <summary>Whether it looks at single pieces: parts that come off, pieces that come about.</summary>
    public virtual bool IsOfPieces => false;

    /// <summary>Whether a thing may meet it for some child at all: what is quickly seen, so that not every child is
    /// asked.</summary>
    public virtual bool MayMeet(HandledThing thing) => true;

    /// <summary>What was measured or read where a thing meets it: a sentence, or "" where the thing's name says it;
    /// null where it does not.</summary>
    public abstract Said? MetBy(HandledThing thing, Asked asked);

    /// <summary>"" where something holds, null where it does not.</summary>
    protected static Said? If(bool holds) => holds ? Said.None : null;
}
