using FluentValidation;
using Nido.Core.Cupboard;
using Nido.Web.Common;

namespace Nido.Web.Cupboard;

internal sealed class MovementBodyValidator : AbstractValidator<MovementBody>
{
    public MovementBodyValidator()
    {
        RuleFor(m => m.Amount)
            .Must(a => double.IsFinite(a) && Math.Abs(a) <= 1_000_000)
            .Says($"An amount is a number up to 1,000,000.");
        RuleFor(m => m.Amount)
            .GreaterThan(0)
            .When(m => m.Kind != MovementKind.Counted)
            .Says($"Write the amount without a sign, more than 0; the kind says whether it came or went.");
        RuleFor(m => m.Amount)
            .GreaterThanOrEqualTo(0)
            .When(m => m.Kind == MovementKind.Counted)
            .Says($"A count is 0 or more.");
        RuleFor(m => m.Kind).NotEqual(MovementKind.Lent).Says($"What is lent goes with a bag, in Families.");
        RuleFor(m => m.Note).MaximumLength(200).Says($"A note has at most 200 letters.");
    }
}

internal sealed class CountsBodyValidator : AbstractValidator<CountsBody>
{
    public CountsBodyValidator()
    {
        RuleFor(c => c.Counts).NotEmpty().Says($"No counts were sent.");
        RuleForEach(c => c.Counts)
            .ChildRules(c =>
                c.RuleFor(x => x.Amount)
                    .Must(a => double.IsFinite(a) && a is >= 0 and <= 1_000_000)
                    .Says($"A count is a number from 0 to 1,000,000.")
            );
    }
}
