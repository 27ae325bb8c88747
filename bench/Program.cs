Console.WriteLine("bench");
