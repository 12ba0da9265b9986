"""Profiles of a firewall on one line, in all languages: each by its name, and whether it is on."""

import unittest

from tests.core.readings import told

BESIDE = (
    "domain on, private on, public off", "Domäne an, privat an, öffentlich aus", "domaine activé, privé activé, public désactivé",
    "dominio activo, privado activo, público inactivo", "domínio ligado, privado ligado, público desligado", "dominio acceso, privato acceso, pubblico spento",
    "domein aan, privé aan, openbaar uit", "domena włączona, prywatny włączony, publiczny wyłączony",
)  # fmt: skip
FOR_EACH = ("on for domain and private, off for public", "an für Domäne und privat, aus für öffentlich")
LABELS = ("Firewall: ", "Firewall   ", "Firewall ..... ", "")


class FirewallProfiles(unittest.TestCase):
    def test_one_line_tells_of_all(self):
        for said in (*BESIDE, *FOR_EACH):
            for label in LABELS:
                with self.subTest(said=said, label=label):
                    found = told(f"nq-acc-01> firewall\n\n{label}{said}\n")
                    self.assertEqual([found.get(f"firewall#{n}.on") for n in (1, 2, 3)], [True, True, False], found)
                    names = [found.get(f"firewall#{n}.profile") for n in (1, 2, 3)]
                    self.assertTrue(all(name and name in said for name in names), names)
                    self.assertNotIn("firewall#4.profile", found)

    def test_rows_under_a_heading(self):
        for head in ("Firewall", "== Firewall ==", "Firewall:"):
            for row in (
                "  {:<12}{:<8}in: {}   out: allow", "- [{}] {}, in = {}, out = allow", "  {} | {} | in {} | out allow"
            ):  # fmt: skip
                rows = [row.format(*of) for of in (("private", "on", "block"), ("domain", "off", "allow"))]
                with self.subTest(head=head, row=row):
                    found = told("\n".join(("gp-a % look", head, *rows)))
                    told_so = [
                        found.get(f"firewall#{n}.{f}") for n in (1, 2) for f in ("profile", "on", "inbound", "outbound")
                    ]
                    self.assertEqual(told_so, ["private", True, "block", "allow", "domain", False, "allow", "allow"])

    def test_a_table_below_the_heading_is_read_as_one(self):
        found = told(
            "gp-a % look\nFirewall\nProfile   Active   In      Out\ndomain    yes      block   allow\npublic    no       block   allow\n"
        )
        self.assertEqual([found.get(f"firewall#{n}.profile") for n in (1, 2, 3)], ["domain", "public", None])

    def test_among_what_a_pc_is_only_the_label_says_so(self):
        found = told("nq-acc-01> about\n\nMaker: Corrane\nFirewall: on for domain and private, off for public\n")
        self.assertEqual([found.get(f"firewall#{n}.on") for n in (1, 2, 3)], [True, True, False])
        found = told("nq-acc-01> about\n\nMaker: Corrane\nLights: on for desk and door, off for stairs\n")
        self.assertFalse([key for key in found if key.startswith("firewall")])

    def test_what_tells_no_yes_or_no_is_no_profile(self):
        for said in ("domain, private, public", "on for domain", "rules for domain and private, none for public", "on"):
            with self.subTest(said):
                found = told(f"nq-acc-01> firewall\n\nFirewall: {said}\n")
                self.assertNotIn("firewall#2.profile", found)


if __name__ == "__main__":
    unittest.main()
