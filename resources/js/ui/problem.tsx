/** Something went wrong: what, and a way on. */
export function Problem({ error, retry }: { error: unknown; retry?: () => void }) {
    return (
        <div role="alert" className="m-4 border-l-8 border-ink p-4">
            <p className="font-bold">{error instanceof Error ? error.message : String(error)}</p>
            {retry !== undefined && (
                <button type="button" className="key mt-3" onClick={retry}>
                    Try again
                </button>
            )}
        </div>
    );
}
