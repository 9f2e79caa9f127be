import { recall, remember } from "./offline";

/** What the server said when it could not do something: a sentence for the person. */
export class Problem extends Error {
  constructor(
    sentence: string,
    readonly status: number,
  ) {
    super(sentence);
  }
}

/** The server was not reached. */
export class NoConnection extends Error {
  constructor() {
    super("The server is not reached.");
  }
}

function csrfToken(): string {
  const named = (name: string) => new RegExp(`(?:^|; )${name}=([^;]+)`).exec(document.cookie)?.[1];
  return named("__Host-XSRF-TOKEN") ?? named("XSRF-TOKEN") ?? ""; // by TLS, or without
}

async function reach(path: string, init: RequestInit): Promise<Response> {
  try {
    return await fetch(path, init);
  } catch {
    throw new NoConnection();
  }
}

async function sentence(response: Response): Promise<string> {
  try {
    const problem: { detail?: string } = await response.json();
    if (problem.detail) {
      return problem.detail;
    }
  } catch {
    // no problem details: said below
  }
  return `The server answered with ${response.status}. Try again.`;
}

/** The answer to a question as it comes; refuses with a Problem or NoConnection. */
export async function answer(path: string, init: RequestInit): Promise<Response> {
  const response = await reach(path, init);
  if (!response.ok) {
    throw new Problem(await sentence(response), response.status);
  }
  return response;
}

/** Browsers let only so much be under way when a page is left. */
const MOST_KEPT_ALIVE = 30_000;

/** Asks the API; refuses with a Problem or NoConnection. A signal gives the question up. */
export async function request<T>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<T> {
  const form = body instanceof FormData;
  const json = body === undefined || form ? undefined : JSON.stringify(body);
  const response = await answer(path, {
    method,
    credentials: "same-origin",
    signal,
    // what was sent is sent, though the page is left meanwhile
    keepalive: method !== "GET" && json !== undefined && json.length < MOST_KEPT_ALIVE,
    headers: {
      ...(method === "GET" ? {} : { "X-XSRF-TOKEN": csrfToken() }),
      ...(json === undefined ? {} : { "Content-Type": "application/json" }),
    },
    body: form ? body : json,
  });
  const text = await response.text();
  return (text ? JSON.parse(text) : undefined) as T;
}

/** Sends a file, telling how much of it is sent, 0 to 1. */
export function upload<T>(path: string, file: File, sent: (share: number) => void): Promise<T> {
  return new Promise((resolve, reject) => {
    const call = new XMLHttpRequest();
    call.open("POST", path);
    call.setRequestHeader("X-XSRF-TOKEN", csrfToken());
    call.upload.onprogress = (e) => e.lengthComputable && sent(e.loaded / e.total);
    call.onerror = () => reject(new NoConnection());
    call.onload = () => {
      if (call.status < 300) {
        resolve((call.responseText ? JSON.parse(call.responseText) : undefined) as T);
        return;
      }
      const response = new Response(call.responseText, { status: call.status });
      sentence(response).then((words) => reject(new Problem(words, call.status)));
    };
    const form = new FormData();
    form.append("file", file);
    call.send(form);
  });
}

/** Asks the API, or tells what it answered last while it is not reached. */
export async function requestOrRecall<T>(path: string, key: string): Promise<T> {
  try {
    const now = await request<T>("GET", path);
    remember(key, now);
    return now;
  } catch (e) {
    const before = e instanceof NoConnection ? await recall<T>(key) : undefined;
    if (before === undefined) {
      throw e;
    }
    return before;
  }
}
