/** @jest-environment jsdom */
import { act, renderHook } from "@testing-library/react";
import { dayNumber } from "@/core/calendar";
import { useView } from "../viewState";
import { openAddress, useAddress } from "./useAddress";

let path = "/beds";
jest.mock("next/navigation", () => ({ usePathname: () => path }));

const goTo = (url: string) => {
  path = new URL(url, "http://localhost").pathname;
  window.history.pushState({ router: "state" }, "", url);
};

beforeEach(() => {
  useView.setState(useView.getInitialState());
  goTo("/beds");
});

test("what is opened is a place to come back to, a date that is moved is not", async () => {
  renderHook(() => useAddress());
  const entries = window.history.length;
  act(() => useView.setState({ dateInView: dayNumber("2026-11-10") }));
  act(() => useView.setState({ dateInView: dayNumber("2026-11-11") }));
  expect(window.location.search).toBe("?on=2026-11-11");
  expect(window.history.length).toBe(entries);
  act(() => useView.setState({ selectedBedId: "bed-1" }));
  expect(window.location.search).toBe("?on=2026-11-11&bed=bed-1");
  expect(window.history.length).toBe(entries + 1);
  // The router's own state goes along, or going back would find no view.
  expect(window.history.state).toEqual({ router: "state" });
  window.history.back();
  await act(() => new Promise((resolve) => window.addEventListener("popstate", resolve)));
  await act(() => new Promise((resolve) => setTimeout(resolve, 50)));
  expect(useView.getState()).toMatchObject({
    selectedBedId: null,
    dateInView: dayNumber("2026-11-11"),
  });
});

test("an address is read when the page opens; a bare one leaves all as it is", async () => {
  useView.setState({ selectedBedId: "bed-9" });
  await openAddress();
  expect(useView.getState().selectedBedId).toBe("bed-9");
  goTo("/beds?bed=bed-2&part=soil");
  await openAddress();
  expect(useView.getState()).toMatchObject({ selectedBedId: "bed-2", bedSection: "soil" });
});
