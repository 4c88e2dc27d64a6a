/** The next page of a list, when there is one. */
export function More({ list }: { list: { hasNextPage: boolean; isFetchingNextPage: boolean; fetchNextPage: () => unknown } }) {
    if (!list.hasNextPage) {
        return null;
    }
    return (
        <p className="px-4 py-3">
            <button type="button" className="key" disabled={list.isFetchingNextPage} onClick={() => void list.fetchNextPage()}>
                More
            </button>
        </p>
    );
}
