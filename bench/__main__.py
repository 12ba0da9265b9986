"""``make bench``: what, value, unit, floor, ratio; the same rows go to ``bench/results.json``."""

from __future__ import annotations

import json
import sys
from pathlib import Path

from bench import accuracy, checker, collecting, office, reader, troubles

PARTS = {
    "reader": reader.rows,
    "accuracy": accuracy.rows,
    "checker": checker.rows,
    "troubles": troubles.rows,
    "office": office.rows,
    "collecting": collecting.rows,
}


def main() -> int:
    """Run the parts asked for, or all of them."""
    asked = sys.argv[1:] or list(PARTS)
    unknown = [name for name in asked if name not in PARTS]
    if unknown:
        print(f"there is no part {unknown[0]}; parts are {', '.join(PARTS)}")
        return 2
    results = []
    print(f"{'what':<48} {'value':>10} {'unit':<5} {'floor':>10} {'ratio':>8}")
    for name in asked:
        for row in PARTS[name]():
            floor = f"{row.floor:.3f}" if row.floor else ""
            ratio = f"{row.ratio:.2f}" if row.ratio else ""
            print(f"{row.what:<48} {row.value:>10.3f} {row.unit:<5} {floor:>10} {ratio:>8}")
            results.append(
                {
                    "part": name,
                    "what": row.what,
                    "value": row.value,
                    "unit": row.unit,
                    "floor": row.floor,
                    "ratio": row.ratio,
                }
            )
    Path(__file__).with_name("results.json").write_text(json.dumps(results, indent=1) + "\n")
    return 0


sys.exit(main())
