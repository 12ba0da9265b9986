import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { useSearchParams } from "react-router";
import { api, told } from "../../api/client";
import { Sign } from "../../parts/Masthead";

/** Only pages of this application are gone back to. */
export function backTo(from: string | null): string {
  return from && /^\/(bench|floor|assets)(\/\d+)?$/.test(from) ? from : "/bench";
}

export function SignIn() {
  const [asked] = useSearchParams();
  const from = asked.get("from");
  const entering = useMutation({
    mutationFn: (given: { sign_in: string; password: string }) =>
      told(api.POST("/api/sign-in", { body: given })),
    onSuccess: () => window.location.assign(backTo(from)),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const given = new FormData(event.currentTarget);
    entering.mutate({ sign_in: String(given.get("name")), password: String(given.get("password")) });
  };
  return (
    <main className="grid min-h-screen place-items-center p-6">
      <form onSubmit={submit} className="sheet w-90 p-8">
        <div className="flex items-center gap-3">
          <Sign size={40} />
          <h1 className="text-[26px]">Yes Tally</h1>
        </div>
        <p className="mt-2 text-soft">What the office's PCs say of themselves, read, checked and sealed.</p>
        {from && !entering.isError && (
          <p className="mt-3 rounded bg-wash-doubt px-3 py-2">Sign in to go on where you were.</p>
        )}
        <label className="mt-5 block font-semibold" htmlFor="name">
          Name
        </label>
        <input id="name" name="name" className="field mt-1" autoComplete="username" required />
        <label className="mt-3 block font-semibold" htmlFor="password">
          Password
        </label>
        <input
          id="password"
          name="password"
          type="password"
          className="field mt-1"
          autoComplete="current-password"
          required
        />
        {entering.isError && (
          <p role="alert" className="mt-3 rounded bg-wash-no px-3 py-2 text-no-text">
            {entering.error.message}
          </p>
        )}
        <button type="submit" className="deed mt-5 w-full" disabled={entering.isPending}>
          Sign in
        </button>
      </form>
    </main>
  );
}
