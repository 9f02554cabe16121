// What this browser allows on this page, said where devices are let in.
const THINGS = [
  ["the screen stays awake at the bench", () => "wakeLock" in navigator],
  ["a page opens again without the network", () => "serviceWorker" in navigator],
  ["Ironpin can be installed beside other programs", () => window.isSecureContext],
  ["a timer that rings unseen is told by the system", () => window.isSecureContext && "Notification" in window],
  ["a scale or a thermometer is read by radio (Bluetooth)", () => "bluetooth" in navigator],
  ["a scale on a cable is read (serial port)", () => "serial" in navigator],
  ["steps are read aloud", () => "speechSynthesis" in window],
];

const list = document.getElementById("allows");
list?.replaceChildren(
  ...THINGS.map(([what, allowed]) => {
    const item = document.createElement("li");
    const yes = allowed();
    item.className = yes ? "py-1" : "py-1 text-quiet";
    item.textContent = yes ? `Yes: ${what}.` : `Not here: ${what}.`;
    return item;
  }),
);
