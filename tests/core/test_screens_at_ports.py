"""Lines that tell of a screen behind the port that it hangs on."""

import unittest

from tests.core.readings import told

_SCREENS = (("DP-1", "Panehill 27Q", "PH27Q0091", 2560), ("HDMI-1", "Oriel View 24", "OV24X1188", 1920))
_HEADS = (
    "Screen on Graphics 0, port {}: ", "Monitor at {}: ", "Bildschirm 1 ({}): ", "Écran 2, {} - ", "Scherm ({})   ", "Ekran {} -> "
)  # fmt: skip
_PORT_FIRST = ("{}: ", "[{}] ", "{}   ", "{} -> ", "{} - ")
_TOLD = ("{}, serial {}, {}x1440", "{} (serial {}, {}x1440)", "{}   {}   {} x 1440", "{}")


class ScreensAtPorts(unittest.TestCase):
    def _holds(self, command, head, form):
        rows = [head.format(port) + form.format(*said) for port, *said in _SCREENS]
        with self.subTest(rows[0]):
            found = told("\n".join((f"nq-a % {command}", *rows)))
            self.assertEqual(
                [found.get(f"display#{n}.name") for n in (1, 2, 3)], ["Panehill 27Q", "Oriel View 24", None], found
            )
            if form != "{}":
                self.assertEqual([found.get(f"display#{n}.serial") for n in (1, 2)], ["PH27Q0091", "OV24X1188"])
                self.assertEqual([found.get(f"display#{n}.width") for n in (1, 2)], [2560, 1920])
            self.assertFalse([key for key in found if key.startswith(("graphics", "host"))] != ["host.name"], found)

    def test_what_says_screen_is_one_anywhere(self):
        for head in _HEADS:
            for form in _TOLD:
                self._holds("look", head, form)

    def test_ports_alone_where_screens_are_asked_for(self):
        for head in _PORT_FIRST:
            for form in _TOLD:
                self._holds("screens", head, form)

    def test_a_port_with_nothing_on_it_is_no_screen(self):
        found = told(
            "nq-a % screens\nScreen at DP-1: Panehill 27Q\nScreen at HDMI-1: no screen\nScreen at HDMI-2: none\n"
        )
        self.assertEqual([found.get(f"display#{n}.name") for n in (1, 2)], ["Panehill 27Q", None])

    def test_other_things_at_ports_are_no_screens(self):
        found = told("nq-a % look\nCable at DP-1: Tidewater 2 m\nDP-2: Tidewater 3 m\n")
        self.assertFalse([key for key in found if key.startswith("display")])


if __name__ == "__main__":
    unittest.main()
