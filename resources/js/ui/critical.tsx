/** What is lost where a unit stands; nothing for one that can wait. */
export function Critical({ lost }: { lost: string }) {
    return lost === '' ? null : (
        <strong className="block" data-critical>
            <span className="bg-ink px-1 text-paper">cannot wait</span> {lost}
        </strong>
    );
}
