namespace Nido.Core.Tests;

/// <summary>Sentences are looked at in the language of their keys.</summary>
internal static class InEnglish
{
    extension(Said said)
    {
        public int Length => said.ToString().Length;

        public bool Contains(string text, StringComparison how = StringComparison.Ordinal) =>
            said.ToString().Contains(text, how);

        public bool StartsWith(string text, StringComparison how = StringComparison.Ordinal) =>
            said.ToString().StartsWith(text, how);

        public bool EndsWith(string text, StringComparison how = StringComparison.Ordinal) =>
            said.ToString().EndsWith(text, how);

        public void ShouldBe(string text) => said.ToString().ShouldBe(text);

        public void ShouldContain(string text) => said.ToString().ShouldContain(text);

        public void ShouldStartWith(string text) => said.ToString().ShouldStartWith(text);

        public void ShouldEndWith(string text) => said.ToString().ShouldEndWith(text);
    }

    extension(InBoth said)
    {
        public int Length => said.En.Length;

        public bool Contains(string text, StringComparison how = StringComparison.Ordinal) =>
            said.En.Contains(text, how);

        public bool StartsWith(string text, StringComparison how = StringComparison.Ordinal) =>
            said.En.StartsWith(text, how);

        public bool EndsWith(string text, StringComparison how = StringComparison.Ordinal) =>
            said.En.EndsWith(text, how);

        public void ShouldBe(string text) => said.En.ShouldBe(text);

        public void ShouldContain(string text) => said.En.ShouldContain(text);

        public void ShouldStartWith(string text) => said.En.ShouldStartWith(text);

        public void ShouldEndWith(string text) => said.En.ShouldEndWith(text);

        public void ShouldNotContain(string text) => said.En.ShouldNotContain(text);

        public void ShouldNotBeNullOrWhiteSpace() => said.En.ShouldNotBeNullOrWhiteSpace();
    }
}
