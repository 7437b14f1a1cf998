namespace Nido.Catalog;

/// <summary>The content cannot be used; every problem is listed.</summary>
/// <param name="problems">At least one.</param>
public sealed class ContentException(IReadOnlyList<ContentProblem> problems)
    : Exception(string.Join(Environment.NewLine, problems))
{
    /// <summary>All that is wrong.</summary>
    public IReadOnlyList<ContentProblem> Problems { get; } = problems;
}
