"""What is audited, told by a column for successes and one for failures."""

import json
import unittest

from yes_tally.core.reading.reader import read


def audited(text):
    """Category, subcategory and what is recorded, of each thing that is audited."""
    items = {}
    for reading in read(f"nq-srv-01> audit\n{text}".encode()).readings:
        if reading.item:
            items.setdefault(reading.item, {})[reading.fact.partition(".")[2]] = reading.value.value
    return [tuple(map(item.get, ("category", "subcategory", "records"))) for item in items.values()]


class AuditMatrix(unittest.TestCase):
    def test_two_flags_are_one_of_four_answers(self):
        told = audited(
            "                     success   failure\nSign-in and sign-out\n  Sign-in            yes       yes\n"
            "  Sign-out           yes       no\nSystem\n  State change       no        yes\n  Integrity          no        no\n"
        )
        expected = [
            ("Sign-in and sign-out", "Sign-in", "both"),
            ("Sign-in and sign-out", "Sign-out", "success"),
            ("System", "State change", "failure"),
            ("System", "Integrity", "none"),
        ]
        self.assertEqual(told, expected)

    def test_the_order_of_the_columns_and_signs_for_flags(self):
        told = audited(
            "                 Fehler    Erfolg\nAnmelden         x         -\nAbmelden         -         x\n"
        )
        self.assertEqual(told, [(None, "Anmelden", "failure"), (None, "Abmelden", "success")])

    def test_what_is_no_flag_makes_it_no_matrix(self):
        told = audited("             success   failure\nSign-in      often     seldom\nSign-out     yes       no\n")
        self.assertNotIn("both", [records for _, _, records in told])

    def test_the_two_columns_in_any_table_and_as_flags_of_data(self):
        expected = [("Sign-in", "Sign in", "both"), ("Sign-in", "Sign out", "success"), ("Objects", "Share", "none")]
        rows = [
            ("Sign-in", "Sign in", "Yes", "Yes"),
            ("Sign-in", "Sign out", "Yes", "No"),
            ("Objects", "Share", "No", "No"),
        ]
        head = ("Category", "Subcategory", "Success", "Failure")
        texts = {
            "values": "\n".join(";".join(row) for row in (head, *rows)),
            "columns": "\n".join("".join(cell.ljust(14) for cell in row).rstrip() for row in (head, *rows)),
            "data": json.dumps(
                [{"category": c, "subcategory": s, "success": a == "Yes", "failure": b == "Yes"} for c, s, a, b in rows]
            ),
        }
        for name, text in texts.items():
            with self.subTest(name):
                self.assertEqual(audited(f"{text}\n"), expected)

    def test_one_of_the_two_columns_alone_says_nothing_of_the_other(self):
        told = audited("Category;Subcategory;Success\nSign-in;Sign in;Yes\nSign-in;Sign out;No\n")
        self.assertNotIn("none", [records for _, _, records in told])
        self.assertNotIn("both", [records for _, _, records in told])
