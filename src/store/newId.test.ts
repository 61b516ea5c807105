import { newId } from "./newId";

test("ids are made where the page is not secure, and none twice", () => {
  const secure = Object.getOwnPropertyDescriptor(globalThis, "crypto");
  const { getRandomValues } = crypto;
  Object.defineProperty(globalThis, "crypto", {
    value: { getRandomValues: getRandomValues.bind(crypto) },
    configurable: true,
  });
  try {
    const ids = Array.from({ length: 1000 }, () => newId("planting"));
    expect(new Set(ids).size).toBe(1000);
    for (const id of ids) expect(id).toMatch(/^planting-[0-9a-f]{16}$/);
  } finally {
    if (secure) Object.defineProperty(globalThis, "crypto", secure);
  }
});
