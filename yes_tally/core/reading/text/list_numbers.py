"""The numbers of what is listed, however they are written (``[1/4]``, ``no 1``, ``1 of 4:``, ``b)``), as one form that all
that reads lists knows; every line stays as wide as it was."""

from __future__ import annotations

import re
from collections.abc import Sequence
from dataclasses import replace
from itertools import pairwise

from yes_tally.core.reading.meaning.labels import words_of
from yes_tally.core.reading.phrases import SUBJECTS, names_item
from yes_tally.core.reading.shapes.layout import MAX_LABEL
from yes_tally.core.reading.text.decode import Line

_OF = r" ?(?:/|of|von|sur|de|di|van|z|ze) ?"
_NUMBER = r"(?P<number>\d{1,3})"
# Over lines of its own, and before quotation marks, readers know these as they are.
_IN_BRACKETS = (rf"\({_NUMBER}\):?(?=\s+[^\s\"'“„«])", rf"\[{_NUMBER}\]:?(?=\s+[^\s\"'“„«])")
_OTHER_FORMS = (
    rf"\[{_NUMBER}{_OF}(?P<all>\d{{1,3}})\]:?",
    rf"\({_NUMBER}{_OF}(?P<all>\d{{1,3}})\):?",
    rf"{_NUMBER}{_OF}(?P<all>\d{{1,3}})(?::|\)| [-–—])",
    rf"(?:no|nr|n[°ºo]|№)\.? ?{_NUMBER}[:.)]?",
    rf"n\.[°ºo] ?{_NUMBER}[:.)]?",
    rf"<{_NUMBER}>",
    rf"\{{{_NUMBER}\}}",
    rf"-{_NUMBER}-",
    rf"{_NUMBER}/",
    r"(?P<letter>[a-z])\)",
    r"\((?P<letter>[a-z])\)",
)
_FORMS: tuple[re.Pattern[str], ...] = tuple(
    re.compile(rf"(?P<indent>\s*)(?P<mark>{form})(?=\s|$)", re.I) for form in (*_IN_BRACKETS, *_OTHER_FORMS)
)
_BEGINS = re.compile(r"\s*(?:[\[({<№\d-]|n[°ºor.]|[a-z]\))", re.I)
_DIGIT = re.compile(r"\s*\d")
_FEWEST = 2


def plainly_numbered(lines: Sequence[Line]) -> Sequence[Line]:
    """The lines with ``1.`` for how they number what they list, where the numbers of one form and indent follow each
    other from the first on."""
    found: dict[tuple[int, int], list[tuple[int, re.Match[str]]]] = {}
    for place, line in enumerate(lines):
        if line.tabbed is not None or not _BEGINS.match(line.text):
            continue
        for form, pattern in enumerate(_FORMS):
            if match := pattern.match(line.text):
                found.setdefault((form, len(match["indent"])), []).append((place, match))
                break
    changed: dict[int, Line] = {}
    footnotes: set[str] | None = None
    for (form, indent), marks in found.items():
        for run in _runs(marks):
            if footnotes is None:
                footnotes = {mark for line in lines for mark in _FOOTNOTE.findall(line.text)}
            if run[0][1]["mark"] in footnotes:
                continue
            over_others = _over_deeper(lines, [place for place, _ in run], indent)
            known_so = over_others and form < len(_IN_BRACKETS) and not _are_chapters(run)
            for place, match in run:
                if not known_so or _before_digit(match):
                    changed[place] = _plain(lines[place], match, to_left=over_others)
    for place, line in enumerate(lines):
        if (match := _OF_ALL.match(line.text)) and names_item(f"{match['noun']} {match['number']}"):
            label = f"{match['noun']} {match['number']}:"
            text = f"{match['indent']}{label.ljust(match.end() - match.end('indent'))}{line.text[match.end() :]}"
            changed[place] = replace(changed.get(place, line), text=text)
    return [changed.get(place, line) for place, line in enumerate(lines)] if changed else lines


# ``Adapter 1 of 3 -- Wickerlink GbE 210``: how many there are says nothing of this one.
_OF_ALL = re.compile(
    rf"(?P<indent>\s*)(?P<noun>[^\W\d_]{{3,20}}(?: [^\W\d_]{{3,20}})?) {_NUMBER}{_OF}\d{{1,3}} +(?:--?|[–—]) +(?=\S)",
    re.I,
)


# ``2 x 8 GiB (a)``
_FOOTNOTE = re.compile(r"(?<=\S )\(?\w{1,3}\)")


def _runs(marks: Sequence[tuple[int, re.Match[str]]]) -> list[Sequence[tuple[int, re.Match[str]]]]:
    """The marks of one form and indent that begin with the first and follow each other, two at least or as many as they
    say there are."""
    numbers = [_which(match) for _, match in marks]
    if any(before == after for before, after in pairwise(numbers)):
        return []  # ``[1] Model: …`` over ``[1] Serial: …``: of which one each is told
    begin = [at for at, number in enumerate(numbers) if number <= 1 and not (at and number - numbers[at - 1] == 1)]
    runs = [slice(start, end) for start, end in pairwise([*begin, len(marks)])]
    return [marks[run] for run in runs if _follow(numbers[run]) and _enough(marks[run])]


def _follow(numbers: Sequence[int]) -> bool:
    return all(after - before == 1 for before, after in pairwise(numbers))


def _enough(run: Sequence[tuple[int, re.Match[str]]]) -> bool:
    last = run[-1][1]
    return len(run) >= _FEWEST or last.groupdict().get("all") == last.groupdict().get("number") is not None


def _which(match: re.Match[str]) -> int:
    told = match.groupdict()
    return int(told["number"]) if "number" in told else ord(told["letter"].casefold()) - ord("a") + 1


def _over_deeper(lines: Sequence[Line], heads: Sequence[int], indent: int) -> bool:
    """Whether something is indented deeper right below one of the numbers."""
    below = [lines[head + 1].text for head in heads if head + 1 < len(lines)]
    return any(text[: indent + 1].isspace() and text.strip() for text in below)


def _are_chapters(run: Sequence[tuple[int, re.Match[str]]]) -> bool:
    """Whether half of the numbers stand before kinds of things (``[2] Main board``), and not before what things are called."""
    titles = (words_of(match.string[match.end() : match.end() + MAX_LABEL]) for _, match in run)
    return sum(title in SUBJECTS for title in titles) * 2 >= len(run)


def _before_digit(match: re.Match[str]) -> bool:
    return _DIGIT.match(match.string, match.end()) is not None


def _plain(line: Line, match: re.Match[str], *, to_left: bool) -> Line:
    start, end = match.span("mark")
    # Before a moment a dot would be one of its own.
    form = f"[{_which(match)}]" if _before_digit(match) else f"{_which(match)}."
    if len(form) > end - start:
        form = f"{_which(match)})"
    if len(form) > end - start:
        return line
    form = form.ljust(end - start) if to_left else form.rjust(end - start)
    return replace(line, text=f"{line.text[:start]}{form}{line.text[end:]}")
