import type { Schemas } from "../../api/client";
import { Stroke } from "../../parts/Stroke";

/** The expectations that got a no, each with what was found and by how much. */
export function NotAsExpected({
  answers,
  onGo,
}: {
  answers: Schemas["Answer"][];
  onGo: (answer: Schemas["Answer"]) => void;
}) {
  if (answers.length === 0) return null;
  return (
    <div className="mt-5">
      <h2 className="text-[15px]">Not as expected</h2>
      <ul className="mt-1">
        {answers.map((answer) => (
          <li key={answer.spec + answer.says} className="border-t border-rule">
            <button
              type="button"
              className="flex w-full gap-2.5 py-2 text-left hover:bg-sheet"
              onClick={() => onGo(answer)}
            >
              <Stroke verdict={answer.verdict} strength={answer.strength} height={17} />
              <span className="min-w-0">
                <span className="block font-mono text-[12px]">{answer.says}</span>
                <span>
                  <b>{answer.found}</b>
                  {answer.margin && ` · ${answer.margin}`}
                </span>
              </span>
            </button>
          </li>
        ))}
      </ul>
    </div>
  );
}
