import { Sheet } from '../../ui/sheet';

const KEYS: [string, string][] = [
    ['Enter', 'keep the reading'],
    ['=', 'as healthy'],
    ['1 2 3', 'answer'],
    ['O', 'OL'],
    ['N', 'another test'],
    ['/', 'find'],
    ['R', 'move the red probe'],
    ['B', 'move the black probe'],
    ['M', 'to the reading'],
    ['D', 'prove it dead'],
    ['+ − 0', 'the drawing nearer, farther, as it was'],
    ['?', 'all keys'],
];

const Cap = ({ k }: { k: string }) => (
    <kbd className="rounded-[3px] border-2 border-ink bg-paper px-2 font-bold font-mono text-sm">{k}</kbd>
);

export const Keys = {
    Bar: ({ open }: { open: () => void }) => (
        <footer className="flex items-center gap-6 border-rule border-t px-5 py-1.5 text-quiet max-lg:hidden">
            {KEYS.filter(([k]) => !['R', 'B', 'M', '+ − 0', '?'].includes(k)).map(([k, what]) => (
                <span key={k} className="flex items-center gap-2">
                    <Cap k={k} /> {what}
                </span>
            ))}
            <button type="button" className="flex min-h-[36px] items-center gap-2" onClick={open}>
                <Cap k="?" /> all keys
            </button>
        </footer>
    ),
    Sheet: (props: { open: boolean; onOpenChange: (open: boolean) => void }) => (
        <Sheet {...props} title="Keys">
            <dl className="grid grid-cols-[6rem_1fr] gap-y-2">
                {KEYS.map(([k, what]) => (
                    <div key={k} className="contents">
                        <dt>
                            <Cap k={k} />
                        </dt>
                        <dd>{what}</dd>
                    </div>
                ))}
            </dl>
        </Sheet>
    ),
};
