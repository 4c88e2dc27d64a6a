import { ThemeKey } from '../../ui/theme';
import { useTitle } from '../../ui/use-title';
import { SignInForm } from './sign-in-form';

export function SignIn() {
    useTitle('Sign in');
    return (
        <main className="grid min-h-full grid-rows-[auto_1fr_auto]">
            <header className="flex items-center justify-between border-ink border-b-2 p-4">
                <span className="bg-live px-3 py-1 font-bold text-2xl text-live-ink">Levin</span>
                <ThemeKey />
            </header>
            <section className="mx-auto w-[min(400px,92vw)] self-center py-8">
                <h1 className="mb-1 font-bold text-3xl">Sign in</h1>
                <p className="mb-6 text-quiet">Trace the fault on the unit's own diagram.</p>
                <SignInForm />
            </section>
            <footer className="border-rule border-t p-4 text-quiet text-sm">
                Levin advises. Local codes, the maker's instructions and licensed practice come first.
            </footer>
        </main>
    );
}
