"""Layouts of records, written by the tests: what things are called and their pairs in, a text out. Each is given the noun for
the things and, for each of them, its labels and what is printed beside them."""

import json


def _columns(rows, gap=2, just=str.ljust):
    wide = [max(map(len, column)) for column in zip(*rows, strict=True)]
    return "\n".join(
        (" " * gap).join(just(cell, width) for cell, width in zip(row, wide, strict=True)).rstrip() for row in rows
    )


def _table(things):
    return [[label for label, _ in things[0]], *([printed for _, printed in thing] for thing in things)]


def _turned(things, heads, first=0):
    sides = [label for label, _ in things[0]][first:]
    return [heads, *([side, *(thing[at + first][1] for thing in things)] for at, side in enumerate(sides))]


def _key(label):
    return label.lower().replace(" ", "_").replace(".", "").replace("/", "").replace("-", "_")


def _by_line(form):
    return lambda noun, things: "\n\n".join("\n".join(form.format(*pair) for pair in thing) for thing in things)


def _numbered(form, between="\n"):
    def write(noun, things):
        return between.join(
            "\n".join((form[0].format(noun=noun, number=number, of=len(things)), *(form[1].format(*p) for p in thing)))
            for number, thing in enumerate(things)
        )

    return write


def _named(form):
    """Records headed by what their first pair prints."""

    def write(noun, things):
        return "\n".join(
            "\n".join(
                (form[0].format(name=thing[0][1], noun=noun, number=at), *(form[1].format(*pair) for pair in thing[1:]))
            )
            for at, thing in enumerate(things, 1)
        )

    return write


def _by_label(form):
    """Every label says of which thing it is."""

    def write(noun, things):
        return "\n".join(
            form.format(noun=noun, low=noun.lower(), at=at, label=label, key=_key(label), printed=printed)
            for at, thing in enumerate(things)
            for label, printed in thing
        )

    return write


def _one_line(form, pair, mark):
    """A line for each thing."""

    def write(noun, things):
        return "\n".join(
            form.format(
                noun=noun,
                low=noun.lower(),
                at=at,
                name=thing[0][1],
                all=mark.join(pair.format(label=label, printed=p, key=_key(label)) for label, p in thing),
                rest=mark.join(pair.format(label=label, printed=p, key=_key(label)) for label, p in thing[1:]),
            )
            for at, thing in enumerate(things)
        )

    return write


def _tree(noun, things):
    lines = []
    for at, thing in enumerate(things):
        last = at == len(things) - 1
        lines.append(("└─ " if last else "├─ ") + f"{noun} {at}")
        for place, (label, printed) in enumerate(thing):
            branch = "└─ " if place == len(thing) - 1 else "├─ "
            lines.append(("   " if last else "│  ") + f"{branch}{label:<22} {printed}")
    return "\n".join(lines)


def _tree_of_names(noun, things):
    lines = []
    for at, thing in enumerate(things):
        last = at == len(things) - 1
        lines.append(("`-- " if last else "|-- ") + thing[0][1])
        for place, (label, printed) in enumerate(thing[1:], 2):
            lines.append(
                ("    " if last else "|   ") + ("`-- " if place == len(thing) else "|-- ") + f"{label}: {printed}"
            )
    return "\n".join(lines)


def _boxes(noun, things):
    lines = []
    for at, thing in enumerate(things):
        lines.append(f"+{f' {noun} {at} '.center(60, '-')}+")
        lines += [f"| {f'{label:<22} {printed}'.ljust(58)} |" for label, printed in thing]
        lines.append(f"+{'-' * 60}+")
    return "\n".join(lines)


def _bars(rows):
    wide = [max(map(len, column)) for column in zip(*rows, strict=True)]
    return [f"| {' | '.join(c.ljust(w) for c, w in zip(row, wide, strict=True))} |" for row in rows]


def _two_pairs_a_line(noun, things):
    lines = []
    for at, thing in enumerate(things):
        lines.append(f"{noun} {at}")
        for place in range(0, len(thing), 2):
            cells = (f"{label + ':':<20} {printed:<26}" for label, printed in thing[place : place + 2])
            lines.append("  " + "   ".join(cells).rstrip())
    return "\n".join(lines)


def _beside(noun, things):
    first, second = things
    lines = [f"{noun + ' 0':<48}{noun} 1"]
    return "\n".join(
        lines + [f"{f'{label}: {one}':<48}{label}: {two}" for (label, one), (_, two) in zip(first, second, strict=True)]
    )


def _markup(noun, things):
    def name(label):
        return label.title().replace(" ", "").replace(".", "").replace("/", "").replace("-", "")

    told = "\n".join(
        f"  <{noun}>\n" + "\n".join(f"    <{name(label)}>{p}</{name(label)}>" for label, p in thing) + f"\n  </{noun}>"
        for thing in things
    )
    return f"<{noun}s>\n{told}\n</{noun}s>"


def _listed(noun, things):
    return f"{noun.lower()}s:\n" + "\n".join(
        f"  {'- ' if not place else '  '}{label}: {printed}"
        for thing in things
        for place, (label, printed) in enumerate(thing)
    )


RECORD_LAYOUTS = {
    "pairs by colon": _by_line("{:<22}: {}"),
    "labels set to the right": _by_line("{:>22} : {}"),
    "pairs by gap": _by_line("  {:<24}{}"),
    "pairs by equals": _by_line("{} = {}"),
    "values below": _by_line("{}\n   {}"),
    "numbers head them": _numbered(("{noun} {number}", "    {:<22} {}")),
    "numbers in brackets head them": _numbered(("[{noun} {number}]", "{}: {}")),
    "numbers of all head them": _numbered(("--- {noun} {number} of {of} ---", "{:<20}: {}"), "\n\n"),
    "tree": _tree,
    "boxes": _boxes,
    "columns": lambda noun, things: _columns(_table(things)),
    "columns set to the right": lambda noun, things: _columns(_table(things), 2, str.rjust),
    "columns with numbers": lambda noun, things: _columns(
        [[str(at) if at else "#", *row] for at, row in enumerate(_table(things))]
    ),
    "bars": lambda noun, things: "\n".join(_bars(_table(things))),
    "semicolons": lambda noun, things: "\n".join(map(";".join, _table(things))),
    "tabs": lambda noun, things: "\n".join(map("\t".join, _table(things))),
    "turned": lambda noun, things: _columns(_turned(things, ["", *(f"{noun} {at}" for at in (1, 2))]), 3),
    "turned below a field": lambda noun, things: _columns(
        _turned(things, ["Field", *(f"{noun} {at}" for at in (1, 2))]), 3
    ),
    "turned without a head": lambda noun, things: _columns(_turned(things, [])[1:], 3),
    "turned between bars": lambda noun, things: "\n".join(
        _bars(_turned(things, ["", *(f"{noun} {at}" for at in (1, 2))]))
    ),
    "commas behind a number": _one_line("{noun} {at}: {all}", "{label} {printed}", ", "),
    "semicolons behind a number": _one_line("{noun} {at}: {all}", "{label}={printed}", "; "),
    "bars between pairs": _one_line("{all}", "{label}: {printed}", " | "),
    "quoted": _one_line("{low} {all}", '{key}="{printed}"', " "),
    "two pairs a line": _two_pairs_a_line,
    "beside each other": _beside,
    "label with a number": _by_label("{noun} {at} {label}: {printed}"),
    "label with a number in brackets": _by_label("{noun}[{at}] {label}: {printed}"),
    "label behind a bracket": _by_label("[{at}] {label}: {printed}"),
    "label behind a colon": _by_label("{noun} {at}: {label}: {printed}"),
    "label behind an arrow": _by_label("{noun} {at} > {label}: {printed}"),
    "label behind a slash": _by_label("{noun}/{at}/{label}: {printed}"),
    "key with dots": _by_label("{low}.{at}.{key}={printed}"),
    "number behind the label": _by_label("{label}[{at}]: {printed}"),
    "of which": _by_label("{label} of {low} {at}: {printed}"),
    "JSON": lambda noun, things: json.dumps({f"{noun.lower()}s": [dict(thing) for thing in things]}, indent=2),
    "markup": _markup,
    "list": _listed,
}
"""Layouts whose records hold all pairs of a thing, by their names."""

NAMED_LAYOUTS = {
    "names head them": _named(("{name}", "    {:<22} {}")),
    "names head bullets": _named(("* {name}", "    - {}: {}")),
    "names behind numbers": _named(("{number}) {name}", "     {:<22}: {}")),
    "names behind a noun": _named(("{noun} {name}", "     {:<22}: {}")),
    "names before brackets": _one_line("{name} ({rest})", "{label}: {printed}", ", "),
    "tree of names": _tree_of_names,
    "turned below names": lambda noun, things: _columns(_turned(things, ["", *(t[0][1] for t in things)], 1), 3),
}
"""Layouts where what a thing's first pair prints stands over the others, or before them."""
