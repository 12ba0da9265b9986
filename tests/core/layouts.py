"""Layouts that things may be listed in, written by the tests: labels and rows of texts in, a text out."""

import csv
import html
import io
import json


def widths(rows):
    return [max(map(len, column)) for column in zip(*rows, strict=True)]


def padded(row, wide, gap="  "):
    return gap.join(cell.ljust(width) for cell, width in zip(row, wide, strict=True)).rstrip()


def by_line(form):
    """Records, a pair a line, an empty line between them; ``form`` of ``label`` and ``value``."""

    def write(title, labels, rows):
        lines = [
            "\n".join(form.format(label=label, value=value) for label, value in zip(labels, row, strict=True))
            for row in rows
        ]
        return f"{title}\n\n" + "\n\n".join(lines) + "\n"

    return write


def numbered(title, labels, rows):
    """Records under their numbers."""
    text = f"{title}\n"
    for number, row in enumerate(rows, 1):
        text += f"[{number}]\n" + "".join(
            f"    {label:<26}: {value}\n" for label, value in zip(labels, row, strict=True)
        )
    return text


def turned(title, labels, rows):
    """The fields down the side, a column for each thing."""
    lines = list(zip(labels, *rows, strict=True))
    wide = widths(lines)
    return f"{title}\n\n" + "".join(f"{padded(line, wide, '   ')}\n" for line in lines)


def markdown(title, labels, rows):
    wide = widths((labels, *rows))
    lines = [labels, ["-" * width for width in wide], *rows]
    return f"## {title}\n\n" + "".join(
        f"| {' | '.join(c.ljust(w) for c, w in zip(line, wide, strict=True))} |\n" for line in lines
    )


def boxed(title, labels, rows):
    """A box with columns, under a head."""
    wide = widths((labels, *rows))

    def rule(left, middle, right):
        return left + middle.join("─" * (width + 2) for width in wide) + right

    def line(row):
        return "│" + "│".join(f" {cell.ljust(width)} " for cell, width in zip(row, wide, strict=True)) + "│"

    lines = [rule("┌", "┬", "┐"), line(labels), rule("├", "┼", "┤"), *map(line, rows), rule("└", "┴", "┘")]
    return f"{title}\n" + "\n".join(lines) + "\n"


def plus_box(title, labels, rows):
    wide = widths((labels, *rows))
    rule = "+" + "+".join("-" * (width + 2) for width in wide) + "+"
    lines = ["|" + "|".join(f" {c.ljust(w)} " for c, w in zip(row, wide, strict=True)) + "|" for row in (labels, *rows)]
    return f"{title}\n{rule}\n{lines[0]}\n{rule}\n" + "\n".join(lines[1:]) + f"\n{rule}\n"


def page(title, labels, rows):
    """An HTML table."""
    head = "".join(f"<th>{html.escape(label)}</th>" for label in labels)
    body = "".join("<tr>" + "".join(f"<td>{html.escape(cell)}</td>" for cell in row) + "</tr>\n" for row in rows)
    return f"<html><body><h2>{html.escape(title)}</h2>\n<table>\n<tr>{head}</tr>\n{body}</table></body></html>\n"


def quoted(title, labels, rows):
    """Comma-separated, every cell in quotation marks."""
    found = io.StringIO()
    writer = csv.writer(found, quoting=csv.QUOTE_ALL, lineterminator="\n")
    writer.writerows([labels, *rows])
    return f"{title}\n\n{found.getvalue()}"


def as_json(title, labels, rows):
    return (
        json.dumps({title: [dict(zip(labels, row, strict=True)) for row in rows]}, ensure_ascii=False, indent=2) + "\n"
    )


def one_line_each(title, labels, rows):
    """A line for each thing, its pairs between semicolons."""
    return f"{title}\n" + "".join(
        "  " + "; ".join(f"{label}: {value}" for label, value in zip(labels, row, strict=True)) + "\n" for row in rows
    )


LAYOUTS = {
    "records with colons": by_line("{label}: {value}"),
    "records with columns": by_line("{label:<28}: {value}"),
    "records with gaps": by_line("{label:<28}  {value}"),
    "records with leaders": by_line("{label:.<28} {value}"),
    "records with equals signs": by_line("{label} = {value}"),
    "records, indented": by_line("    {label:<28}  {value}"),
    "records under numbers": numbered,
    "the fields down the side": turned,
    "a table of a document": markdown,
    "a box": boxed,
    "a box of plus signs": plus_box,
    "a page": page,
    "quoted cells": quoted,
    "JSON": as_json,
    "a line each": one_line_each,
}
