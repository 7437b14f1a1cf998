using Nido.Catalog;
using Nido.Core;
using Nido.Core.Planning;
using Nido.Data.Demo;
var (content,problems) = ContentReader.Read(args[0]);
foreach (var p in problems) Console.WriteLine(p);
Console.WriteLine($"{content.Techniques.Count} techniques {content.Materials.Count} materials");
var sw=System.Diagnostics.Stopwatch.StartNew();
var input = DemoWeek.Input(content);
Console.WriteLine($"{input.Ideas.Count} ideas {sw.Elapsed}");
foreach (var t in content.Techniques) Console.WriteLine($"{t.Id}: " + string.Join(" | ", input.Ideas.Where(i=>i.Technique==t).Select(i=>$"{i.Lead?.Id}[{string.Join(",",i.Steps.Select(s=>s.Number))}]")));
sw.Restart();
var (problem, imp) = WeekProblem.Build(input);
foreach (var i in imp) Console.WriteLine(i);
Console.WriteLine($"{problem.Uses.Count} uses, {Way.Of(problem).Count} ways, {sw.Elapsed}");
foreach (var c in Enumerable.Range(0, problem.ChildCount)) Console.WriteLine($"{problem.Group.Children[c].Name,-10} target {problem.Target[c*4]/100} reach " + string.Join(" ", problem.UsesOfBlock.Select(b=>$"{b.Count(u=>u.Reach[c])}/{b.Length}")) + " fit " + string.Join(" ", problem.UsesOfBlock.Select(b=>b.Average(u=>u.Children[c].Fit).ToString("0.00"))));
var composer = new WeekComposer(problem, ComposeLimits.Usual, TimeProvider.System);
var last="";
var r = composer.Compose(new P(p=>{ var l=$"{p.Stage} best {p.BestMinutes:0.0} bound {p.BoundMinutes:0.0}"; if(l!=last) Console.WriteLine($"{p.Seconds:0.0} {l}"); last=l;}), default);
Console.WriteLine($"greedy {r.Greedy} \nfinal {r.Score}\nbound {r.Bound} gap {r.Gap:P1} {r.End} {r.Seconds:0.0}");
foreach (var d in r.Plan.GroupBy(p=>p.Day)) { Console.WriteLine($"day {d.Key}"); foreach (var p in d) Console.WriteLine($"   {p.BlockId} {p.IdeaId}"); }
var st=new PlanState(problem); foreach(var p in r.Plan){ var b=problem.Blocks.Select((x,i)=>(x,i)).First(x=>x.x.Id==p.BlockId).i; st.Put(problem.SlotAt(p.Day,b,p.Offer), problem.UsesOfBlock[b].First(u=>u.Idea.Id==p.IdeaId).Index);}
for(int c=0;c<problem.ChildCount;c++) Console.WriteLine($"{problem.Group.Children[c].Name,-10}" + string.Join(" ", Enumerable.Range(0,4).Select(m=>$"{100*st.Dose[c*4+m]/problem.Target[c*4+m],4}")));
sealed class P(Action<ComposeProgress> a): IProgress<ComposeProgress>{ public void Report(ComposeProgress v)=>a(v);}
