import Link from 'next/link';

export default function NotFound() {
  return (
    <main style={{ padding: 24 }}>
      <title>Nothing here · Dense Ladder</title>
      <h1 style={{ fontSize: 18 }}>There is nothing here</h1>
      <p>
        It may have been removed, or it belongs to another coach. <Link href="/desk">To the desk</Link>
      </p>
    </main>
  );
}
