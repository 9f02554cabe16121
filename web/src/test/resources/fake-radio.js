// A browser's radio with one scale and one thermometer in reach: what the page asks for is answered as the standards say it is.
(() => {
  const made = {};
  const device = (name, service, characteristic) => {
    const what = new EventTarget();
    what.startNotifications = async () => what;
    const it = new EventTarget();
    let there = true;
    Object.assign(it, {
      name,
      gatt: {
        connect: async () => {
          if (!there) {
            throw new Error("not in reach");
          }
          return {
            getPrimaryService: async (asked) => {
              if (asked !== service) {
                throw new Error("no such service");
              }
              return { getCharacteristic: async (one) => (one === characteristic ? what : Promise.reject(new Error("none"))) };
            },
          };
        },
      },
    });
    made[service] = {
      says: (...bytes) => {
        what.value = new DataView(new Uint8Array(bytes).buffer);
        what.dispatchEvent(new Event("characteristicvaluechanged"));
      },
      goes: () => {
        there = false;
        it.dispatchEvent(new Event("gattserverdisconnected"));
      },
      comes: () => {
        there = true;
      },
    };
    return it;
  };
  const all = {
    weight_scale: device("Bench scale", "weight_scale", "weight_measurement"),
    health_thermometer: device("Needle", "health_thermometer", "temperature_measurement"),
  };
  Object.defineProperty(navigator, "bluetooth", {
    value: {
      requestDevice: async ({ filters }) => {
        const found = filters.flatMap((one) => one.services).find((service) => all[service]);
        if (!found) {
          throw new DOMException("none was chosen", "NotFoundError");
        }
        return all[found];
      },
    },
  });
  window.fakeRadio = made;
})();
