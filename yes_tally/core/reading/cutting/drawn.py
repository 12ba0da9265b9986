"""What is drawn around text, taken off: dialogs' frames, forms in boxes, the branches of a tree. Every character that is
left stays in its column."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from itertools import pairwise

from yes_tally.core.reading.cutting.pair_marks import with_colons
from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import is_known, subjects_in
from yes_tally.core.reading.shapes.layout import cells_by_gap, indent_of
from yes_tally.core.reading.text.decode import Line
from yes_tally.core.reading.values.text_forms import CONNECTOR, FILLED
from yes_tally.core.words import is_placeholder

_DRAWN = re.compile(r"[|│║┃┌╔└╚├┣┗┏`\\]|\+[-=]")
_FRAME_SIGN = re.compile(r"[|│║┌╔└╚]|^\s*\+[-=]")
_BORDER = re.compile(r"\s*\+[-=]+.*[-=]{2,}\+\s*$|\s*[┌╔└╚].*[┐╗┘╝]\s*$")
_BARS = re.compile(r"\s*[|│║][^|│║]*[|│║][^|│║]*[|│║]")
_FRAMED = re.compile(r"\s*[|│║](?P<inside>[^|│║]*)[|│║]\s*$")


# Round corners are corners.
_CORNERS = str.maketrans("╭╮╰╯", "┌┐└┘")


def unframed(lines: Sequence[Line]) -> list[Line]:
    """A dialog's frame is taken off its text; what stands in the upper border is its heading. Columns stay."""
    lines = [
        replace(line, text=line.text.translate(_CORNERS)) if "╭" in line.text or "╰" in line.text else line
        for line in lines
    ]
    lines = _without_verdicts(_without_leaders([_without_marks(line) for line in _with_round_bullets(lines)]))
    lines = _without_numbers_of_kinds(_without_chapters(_plain_heads(lines)))
    lines = with_colons(_without_sockets(lines))
    if not any(_DRAWN.search(line.text, 0, _MAX_FRAME) for line in lines):
        return lines
    found = _forms(_without_branches(lines))
    lines = found
    if not any(_FRAME_SIGN.search(line.text, 0, _MAX_FRAME) for line in lines):
        return found
    if any(len(line.text) <= _MAX_FRAME and _BARS.match(line.text) for line in lines):
        if not any(_TITLED.match(line.text[:_MAX_FRAME]) for line in lines):
            return found  # bars inside the frame: a table
        # Boxes with titles, each over its own rows.
        lines = found = [_without_inner_bars(line) for line in lines]
    for index, line in enumerate(lines):
        if len(line.text) > _MAX_FRAME or not line.text.strip():
            continue
        if _BORDER.match(line.text):
            # With a title in it, it heads what is framed.
            corner = "-" if any(map(str.isalpha, line.text)) else " "
            text = _CORNER.sub(corner, line.text).replace("─", "-").replace("═", "=")
            found[index] = replace(line, text=text)
        elif _DIVIDER.match(line.text) or _TITLED.match(line.text):
            found[index] = replace(line, text=_DIVIDED.sub("-", line.text))
        elif match := _FRAMED.match(line.text):
            found[index] = replace(line, text=" " * match.start("inside") + match["inside"].rstrip())
    return found


# A rule across a frame with a title in it: ``├─ Storage ─────┤``.
_TITLED = re.compile(r"\s*[├╠╟┣][─═━]{1,8} [^\W_][^─═━│┤]{1,60}? ?[─═━]{2,}[┤╣╢┫]\s*$")


def _without_inner_bars(line: Line) -> Line:
    """A row of a box with gaps for the bars between its outer ones."""
    first, last = line.text.find("│"), line.text.rstrip().rfind("│")
    if len(line.text) > _MAX_FRAME or first < 0 or line.text[:first].strip():
        return line
    inside = line.text[first + 1 : last].replace("│", " ")
    return replace(line, text=line.text[: first + 1] + inside + line.text[last:])


# A rule across a frame.
_DIVIDER = re.compile(r"\s*[╟╠├┣][─═━]{3,}[╢╣┤┫]\s*$")
_DIVIDED = re.compile(r"[╟╠├┣─═━╢╣┤┫]")
_CORNER = re.compile(r"[+┌╔└╚┐╗┘╝]")
_MAX_FRAME = 400
# ``**Maker:**``, ``[######------]``: what is bold, and how full something is, drawn.
_BOLD = re.compile(r"\*\*(?=[^\W\d_])([^*]{1,80}?)(?<=\S)\*\*")
_SLANTED = re.compile(r"(?<=[\s|(])\*([^\W\d_][^*|]{0,60}?[\w.)])\*(?=[\s|.,;:)]|$)")
_POINTED = re.compile(r"(\s*)[»›►▶▷➤■●]\s(?=\s*\w.* [–—-] )")
_BOXES = re.compile(r"\[[xX*✓]\] \w+\s+\[ ?\] \w+|\[ ?\] \w+\s+\[[xX*✓]\] \w+")
# What the boxes answer, with a blank behind it for its colon.
_LABEL_OF_BOXES = re.compile(r"^(\s*(?:[|│]\s*)?[^\W\d_][^\[\]:|│]*?) (?= *\[[ xX*✓]?\])")
_BOXED_CELL = re.compile(r"(?<=\s\s)\[(?P<inside>[^\W\d_][^\[\]]{1,30})\](?=\s{2}|\s*$)")
_BOXED_CELLS = re.compile(rf"^\s*[^\W\d_][^\[|│]*{_BOXED_CELL.pattern}\s+\[[^\W\d_][^\[\]]*\](?=\s{{2}}|\s*$)")
_UNTICKED = re.compile(r"\[ ?\] [^\[\]]+?(?=\s*(?:\[|$|\s{2,}))")
_TICKED = re.compile(r"\[[xX*✓]\] ")
_GAUGE = re.compile(r"\[[#=*|>.█▓░-]{4,60}[ .-]*\]")


# Any other bullet is read as a round one.
_BULLET = re.compile(r"(\s*)[▪▫◆◇►▶▷➤▸‣◦◾⁃∙✦](?=\s+\S)")


# ``(!) tikprn   2.0   not signed``: what a tool wants looked at.
_LOOK_AT = re.compile(r"(\s*)(?P<mark>[(\[](?:!{1,3}|\?)[)\]]|\([xi]\)|!{1,3}|⚠)(?=\s+[^\W_])")


# ``  o  HU-441782``, ``  x  HU-440911``
_LETTER_BULLET = re.compile(r"(\s{1,8})[ox](?=\s{1,3}[A-Z\d])")


def _with_round_bullets(lines: Sequence[Line]) -> Sequence[Line]:
    """A list by letters that look like bullets with bullets; as it is where it may be a tree's knots, or one line only."""
    listed = [index for index, line in enumerate(lines) if _LETTER_BULLET.match(line.text[:_MAX_FRAME])]
    if len(listed) < _LEAST_BULLETS or any(_TRUNK.match(line.text) for line in lines):
        return lines
    written = list(lines)
    for index in listed:
        written[index] = replace(lines[index], text=_LETTER_BULLET.sub(r"\1•", lines[index].text, count=1))
    return written


_LEAST_BULLETS = 2


def _without_marks(line: Line) -> Line:
    """A line without the marks of bold words and without drawn gauges; every other character in its column."""
    text = line.text
    if len(text) <= _MAX_FRAME and (mark := _POINTED.match(text)):
        # ``» Wickerlink GbE 210 — wired``
        line = replace(line, text=(text := f"{mark[1]} {text[mark.end(1) + 1 :]}"))
    if len(text) <= _MAX_FRAME and (bullet := _BULLET.match(text)):
        line = replace(line, text=(text := f"{bullet[1]}•{text[bullet.end() :]}"))
    if len(text) <= _MAX_FRAME and (looked_at := _LOOK_AT.match(text)):
        blank = " " * len(looked_at["mark"])
        line = replace(line, text=(text := f"{looked_at[1]}{blank}{text[looked_at.end() :]}"))
    if len(text) > _MAX_FRAME or not ("*" in text or "[" in text):
        return line
    if _BOXED_CELLS.search(text):
        # ``kassa   [enabled ]  [admin: no ]``
        text = _BOXED_CELL.sub(lambda cell: f" {cell['inside']} ", text)
    if _BOXES.search(text):
        # ``[x] on  [ ] off``: of what may be ticked, what is.
        text = _LABEL_OF_BOXES.sub(r"\1:", text)
        text = _UNTICKED.sub(lambda box: " " * len(box.group()), text)
        text = _TICKED.sub(lambda box: " " * len(box.group()), text)
    plain = _SLANTED.sub(r" \1 ", _BOLD.sub(r"  \1  ", text))
    plain = _GAUGE.sub(lambda gauge: " " * len(gauge.group()), plain)
    return line if plain == line.text else replace(line, text=plain.rstrip())


# ``on 0 / port DP-1 : Gannet 27U, serial …``: a screen is called by its name, and not by where it is plugged in.
_PLUGGED_INTO = re.compile(
    rf"\s*(?:[^\W\d_]{{2,10}} \d ?[/,] ?)?(?:[^\W\d_]{{4,10}} )?{CONNECTOR} ?(?::|=|->|[-–—]) (?=(?P<name>[A-Z][\w-]*(?: [\w.-]+){{0,3}}, )?)"
)


def _without_sockets(lines: list[Line]) -> list[Line]:
    """Lines without what screens are plugged into, and without those of sockets with nothing in them."""
    plugged = [_PLUGGED_INTO.match(line.text, 0, _MAX_FRAME) for line in lines]
    if not any(match and match["name"] for match in plugged):
        return lines
    return [
        replace(line, text=" " * match.end() + line.text[match.end() :]) if match else line
        for line, match in zip(lines, plugged, strict=True)
        if not match or match["name"] or not is_placeholder(line.text[match.end() :].strip())
    ]


# ``Quaymaster ..... 9.1 ..... Lantern Sound Ferries``: dots that lead from cell to cell.
_LEADERS = re.compile(r"(?<=\S) \.{2,}(?: \.{2,})* (?=\S)")
# One dot is left where the next cell begins.
_SHORT_LEADER = re.compile(r"(?<=\S) \. (?=\S)")
_GAP = re.compile(r"\S {3,}\S")
_LEAST_LED, _LEADERS_OF_ROW = 2, 2


def _without_leaders(lines: list[Line]) -> list[Line]:
    """Rows whose cells several runs of dots part, with gaps between them instead."""
    led = [
        len(line.text) <= _MAX_FRAME
        and len(_LEADERS.findall(line.text)) >= _LEADERS_OF_ROW
        and not _GAP.search(line.text)
        for line in lines
    ]
    if sum(led) < _LEAST_LED:
        return lines
    return [
        replace(line, text=_SHORT_LEADER.sub("   ", _LEADERS.sub(lambda dots: " " * len(dots.group()), line.text)))
        if of_row
        else line
        for line, of_row in zip(lines, led, strict=True)
    ]


# ``Socket A1 ..... 8 GB``, ``CPU0: populated``: what is numbered, and what is said of it.
_NUMBERED = re.compile(
    rf"\s*[^\W\d_]+ ?#?[^\W\d_]{{0,8}}\d{{1,2}}(?:(?P<dots> \.{{2,}} )|:? +(?={FILLED}$))(?P<filled>{FILLED}$)?", re.I
)


def _plain_heads(lines: list[Line]) -> list[Line]:
    """The heads of records with a gap for the dots that lead to what they say, and without the word that there is
    something, where what is told of it stands below them, further in and without dots."""
    for index, (line, below) in enumerate(pairwise(lines)):
        if below.text[:1] != " ":
            continue
        head = _NUMBERED.match(line.text[:_MAX_FRAME])
        if head is None or " .." in below.text or indent_of(below.text) <= indent_of(line.text):
            continue
        start, end = head.span("filled" if head["filled"] else "dots")
        if head["filled"]:
            start = head.start("dots") if head["dots"] else start
        lines[index] = replace(line, text=(line.text[:start] + " " * (end - start) + line.text[end:]).rstrip(" :"))
    return lines


# ``[ok]``, ``[!!]``: what somebody thinks of a line, at its end.
_VERDICT = re.compile(r"\s{2,}\[\s?(?:ok|[!?x+✓✔✗-]{1,3}|pass|fail|warn|warning|good|bad|info|note)\s?\]\s*$", re.I)
_VERDICT_FIRST = re.compile(
    r"\s*(?P<mark>\[\s?(?:ok|[!?+.-]{1,3}|pass(?:ed)?|fail(?:ed)?|warn|warning|good|bad|info|note|skip(?:ped)?)\s?\])\s+(?=[^\W\d_][^\[\]]*\S)",
    re.I,
)
_LEAST_VERDICTS = 3


def _without_verdicts(lines: list[Line]) -> list[Line]:
    """The lines without the verdicts that most of them begin or end with."""
    first = [
        (index, match) for index, line in enumerate(lines) if (match := _VERDICT_FIRST.match(line.text[:_MAX_FRAME]))
    ]
    if len(first) >= _LEAST_VERDICTS and any(match["mark"].strip("[] .-").isalpha() for _, match in first):
        for index, match in first:
            mark = match["mark"]
            lines[index] = replace(lines[index], text=lines[index].text.replace(mark, " " * len(mark), 1))
        return lines
    found = [(index, match) for index, line in enumerate(lines) if (match := _VERDICT.search(line.text[:_MAX_FRAME]))]
    if len(found) < _LEAST_VERDICTS or len(found) * 2 < sum(bool(line.text.strip()) for line in lines):
        return lines
    for index, match in found:
        lines[index] = replace(lines[index], text=lines[index].text[: match.start()])
    return lines


# ``2.1 Cores``, under ``2  Processor``: a number of a chapter, dotted where it is one of another's.
_CHAPTER = re.compile(r"\s*(?P<number>\d{1,2}(?:\.\d{1,2}){0,2})(?![\d.]*\.\d)[.)]?\s+(?=[^\W\d_])")
_LEAST_CHAPTERS = 3


def _without_chapters(lines: list[Line]) -> list[Line]:
    """The lines without the numbers of chapters that count most of them, one after the other; columns stay."""
    found = [(index, match) for index, line in enumerate(lines) if (match := _CHAPTER.match(line.text[:_MAX_FRAME]))]
    numbers = [tuple(map(int, match["number"].split("."))) for _, match in found]
    dotted = sum(len(number) > 1 for number in numbers)
    written = sum(bool(line.text.strip()) for line in lines)
    if dotted < _LEAST_CHAPTERS or len(found) * 3 < written * 2 or any(a >= b for a, b in pairwise(numbers)):
        return lines
    for index, match in found:
        line = lines[index]
        lines[index] = replace(line, text=" " * match.end() + line.text[match.end() :])
    for (index, match), number, below in zip(found, numbers, numbers[1:], strict=False):
        if below[:-1] == number:
            # A chapter heads what its parts tell: it stands less deep than they do.
            text = lines[index].text.strip()
            lines[index] = replace(lines[index], text=" " * match.start("number") + text)
    return lines


def _without_numbers_of_kinds(lines: list[Line]) -> list[Line]:
    """The lines without the numbers of chapters that each speak of another kind of thing (``2. SISTEMA``) and stand less deep
    than what they head: nothing is listed there."""
    least = min((indent_of(line.text) for line in lines if line.text.strip()), default=0)
    heads = [
        (index, match)
        for index, line in enumerate(lines)
        if indent_of(line.text) == least and (match := _CHAPTER.match(line.text[:_MAX_FRAME]))
    ]
    numbers = [match["number"] for _, match in heads]
    if len(heads) <= _LEAST_CHAPTERS or numbers != [str(number) for number in range(1, len(numbers) + 1)]:
        return lines
    titles = [words_of(lines[index].text[match.end() : _MAX_FRAME]) for index, match in heads]
    kinds = {frozenset(at.group for at in subjects_in(title)) for title in titles}
    if len(kinds - {frozenset()}) * 2 < len(heads) or len(kinds) <= _LEAST_CHAPTERS:
        return lines
    for index, match in heads:
        lines[index] = replace(lines[index], text=" " * least + lines[index].text[match.end() :])
    return lines


_KNOT = re.compile(r"\s*[+o] (?=[^\W\d_])")
_KNOT_OR_TRUNK = re.compile(r"^(?P<before>\s*)(?:[+o](?= [^\W\d_])|[|│](?= |$))")
# ```-- PDF writer``
_LAST_KNOT = re.compile(r"^(?P<before>\s*)[`\\]-{1,3} (?=[^\W_])")
_BRANCH = re.compile(r"(?P<tree>[\s│|]*(?:[├└]─*|[|`\\+]--+)\s?)(?=\S)|(?P<root>[┌╭]─? )(?=[^\W_])")
# ``|-- Partition 1``, ```-- C:``
_TYPED_BRANCH = re.compile(r"(?P<tree>[\s|]*(?:[|`'\\+]--? ?|\\_ ))(?=[^\W_]|[\"(])")
_TRUNK = re.compile(r"\s*[│|][\s│|]*(?=\S)")


def _without_branches(lines: Sequence[Line]) -> list[Line]:
    """A tree that is drawn with branches, by its indents alone."""
    if sum(bool(_KNOT.match(line.text)) for line in lines) > 1 and any(_TRUNK.match(line.text) for line in lines):
        # ``+ memory``, ``o Palefire FX 40`` over ``|   16 GB, …``
        lines = [replace(line, text=_LAST_KNOT.sub(r"\g<before>  ", line.text, count=1)) for line in lines]
        return [replace(line, text=_KNOT_OR_TRUNK.sub(r"\g<before> ", line.text, count=1).rstrip()) for line in lines]
    drawn = any("├" in line.text or "└" in line.text for line in lines)
    branch = _BRANCH if drawn else _TYPED_BRANCH
    corners = ("┐", "┘", "╗", "╝") if drawn else ("|", "+")
    boxed = any(line.text.rstrip()[-1:] in corners for line in lines)
    if boxed or sum(bool(branch.match(line.text)) for line in lines) < 2:
        return list(lines)
    found = []
    for line in lines:
        match = branch.match(line.text) or _TRUNK.match(line.text)
        found.append(replace(line, text=" " * match.end() + _by_gaps(line.text[match.end() :])) if match else line)
    return found


# ``1, EFI, 260 MB``, ``disk 0 · Basalt NV2000``
_NUMBER_FIRST = re.compile(r"(?:[^\W\d_]+ )?#?\d{1,2}(?P<mark> · |, )(?=[^\W\d_])")


def _by_gaps(text: str) -> str:
    """What stands on a branch that begins with a number, with gaps for the dots that part it and for the comma behind the
    number; as wide as it was."""
    first = _NUMBER_FIRST.match(text)
    if first is None:
        return text
    gap = " " * len(first["mark"])
    return (text[: first.start("mark")] + gap + text[first.end("mark") :]).replace(" · ", "   ")


_BAR = re.compile(r"[|│║┃]")
_EDGE = re.compile(r"\s*\|(?:\s*:?-{2,}:?\s*\|)+\s*$|\s*[+├┌└╔╠╚┏┣┗][+\-=─━═┬┴┼╦╩╬┳┻╋╤╧╪┐┘┤╗╝╣┓┛┫]{2,}\s*$")
_LEAST_ROWS = 3
_LEAST_KNOWN = 2


def _forms(lines: list[Line]) -> list[Line]:
    """A form in a box (a label and a value in each row, under rows that head them) as headings and pairs."""
    found: list[Line | None] = list(lines)
    start = None
    for index, line in enumerate([*lines, Line(0, "", 0, 0)]):
        drawn = bool(_EDGE.match(line.text[:_MAX_FRAME])) or _cells(line.text) is not None
        if drawn and start is None:
            start = index
        elif not drawn and start is not None:
            drawn_so = lines[start:index]
            if _is_form(drawn_so):
                found[start:index] = [replace(row, text=_row_of_form(row.text)) for row in drawn_so]
            elif _is_page(drawn_so):
                found[start:index] = [replace(row, text=_left_pane(row.text)) for row in drawn_so]
            elif _is_turned(drawn_so):
                found[start:index] = [
                    None if _EDGE.match(row.text) else replace(row, text=_BAR.sub(" ", row.text).rstrip())
                    for row in drawn_so
                ]
            start = None
    return [line for line in found if line is not None]


def _cells(text: str) -> list[str] | None:
    """The cells of a row between bars, or ``None`` where it does not begin and end with one."""
    body = text.strip()
    if not 2 < len(body) <= _MAX_FRAME or not _BAR.match(body[0]) or not _BAR.match(body[-1]):
        return None
    return [cell.strip() for cell in _BAR.split(body[1:-1])]


def _is_form(lines: Sequence[Line]) -> bool:
    rows = [c for line in lines if not _EDGE.match(line.text) and (c := _cells(line.text)) is not None]
    pairs = [cells for cells in rows if len(cells) == 2]
    if (
        not any(_EDGE.match(line.text) for line in lines[:2])
        or len(pairs) < _LEAST_ROWS
        or any(len(cells) > 2 for cells in rows)
    ):
        return False
    heads_columns = len(pairs) == len(rows) and all(map(is_known, rows[0]))
    known = sum("  " not in label and is_known(label) for label, _ in pairs)
    return not heads_columns and known >= _LEAST_KNOWN and known * 4 >= len(pairs)


def _is_page(lines: Sequence[Line]) -> bool:
    """Whether the left pane of a page in two panes holds a label and a value in most of its rows."""
    rows = [c for line in lines if not _EDGE.match(line.text) and (c := _cells(line.text)) is not None]
    left = [cells_by_gap(cells[0]) for cells in rows if len(cells) == 2]
    told = [cells for cells in left if len(cells) > 1 and is_known(cells[0][0])]
    return _LEAST_ROWS <= len(left) == len(rows) and len(told) * 2 >= len(left)


def _is_turned(lines: Sequence[Line]) -> bool:
    """Whether a table in a box has its fields down the side: nothing stands over them, and most mean something."""
    rows = [c for line in lines if not _EDGE.match(line.text) and (c := _cells(line.text)) is not None]
    wide = [cells for cells in rows if len(cells) > 2]
    if len(wide) <= _LEAST_ROWS or wide[0][0] or not all(wide[0][1:]):
        return False
    return sum(is_known(cells[0]) for cells in wide[1:]) * 2 >= len(wide) - 1


def _left_pane(text: str) -> str:
    if _EDGE.match(text):
        return ""
    bars = [match.start() for match in _BAR.finditer(text)]
    return (" " * (bars[0] + 1) + text[bars[0] + 1 : bars[1]]).rstrip()


def _row_of_form(text: str) -> str:
    if _EDGE.match(text):
        return ""
    bars = [match.start() for match in _BAR.finditer(text)]
    blank = " " * bars[0] + " " + text[bars[0] + 1 : bars[-1]]
    return (blank[: bars[1]] + ":" + blank[bars[1] + 1 :] if len(bars) == 3 else blank).rstrip()
